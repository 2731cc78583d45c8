package upahead.server;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.springframework.aot.AotDetector;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.SpringProperties;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.EnumerablePropertySource;
import org.springframework.util.ClassUtils;

/**
 * Takes the parts of the program as they were chosen and put together when it was built, which is a third faster than
 * looking for them at each start. Where a setting chooses other parts than the build did, they are looked for.
 */
final class PartsAsBuilt implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {

    private static final String BUILT = UpAhead.class.getName() + "__ApplicationContextInitializer";

    /** Every setting that a condition of ours asks for, with what it was at the build. */
    static final Map<String, Predicate<String>> CHOOSING = Map.of(
            "upahead.backup", value -> value.equals("false"),
            "upahead.verify", value -> value.equals("false"),
            "upahead.in-background", value -> value.equals("true"),
            "upahead.session.shared", value -> true,
            "upahead.sign-in.issuer", String::isBlank,
            "spring.mail.host", String::isEmpty,
            "spring.datasource.url", value -> value.startsWith("jdbc:h2:"));

    /** Settings of the framework that choose none of its parts; any other may. */
    private static final List<String> CHOOSING_NOTHING = List.of(
            "spring.aot",
            "spring.application",
            "spring.datasource",
            "spring.main.banner",
            "spring.profiles.active",
            "spring.ssl");

    private static final List<String> FRAMEWORK = List.of("spring.", "management.", "springdoc.");
    private static final String SHIPPED = "class path resource [application.yaml]";

    @Override
    public void onApplicationEvent(ApplicationEnvironmentPreparedEvent prepared) {
        boolean there = ClassUtils.isPresent(BUILT, getClass().getClassLoader());
        SpringProperties.setProperty(
                AotDetector.AOT_ENABLED, Boolean.toString(there && suit(prepared.getEnvironment())));
    }

    /** Whether nothing set chooses other parts than the build did. */
    static boolean suit(ConfigurableEnvironment settings) {
        boolean own = CHOOSING.entrySet().stream().allMatch(each -> {
            String value = settings.getProperty(each.getKey());
            return value == null || each.getValue().test(value);
        });
        return own && namesGiven(settings).noneMatch(PartsAsBuilt::mayChooseOfFramework);
    }

    private static Stream<String> namesGiven(ConfigurableEnvironment settings) {
        return settings.getPropertySources().stream()
                .filter(source -> source instanceof EnumerablePropertySource)
                .filter(source -> !source.getName().contains(SHIPPED))
                .flatMap(source -> Stream.of(((EnumerablePropertySource<?>) source).getPropertyNames()));
    }

    private static boolean mayChooseOfFramework(String name) {
        // as variables of the machine's environment write it
        String plain = name.toLowerCase(Locale.ROOT).replace('_', '.');
        return FRAMEWORK.stream().anyMatch(plain::startsWith)
                && CHOOSING_NOTHING.stream().noneMatch(plain::startsWith);
    }
}
