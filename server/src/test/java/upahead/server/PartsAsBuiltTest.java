package upahead.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.core.env.MapPropertySource;
import org.springframework.core.env.StandardEnvironment;

/** When the program starts with the parts of its build, and when it looks for others. */
class PartsAsBuiltTest {

    private static final Pattern SETTING = Pattern.compile("(upahead|spring)\\.[a-z.-]+");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "spring.profiles.active=demo",
                "upahead.data=/var/up-ahead",
                "upahead.warm-start=false",
                "server.port=8443",
                "spring.ssl.bundle.pem.web.reload-on-update=true",
                "spring.datasource.url=jdbc:h2:durable:/var/up-ahead"
            })
    void what_chooses_no_parts_leaves_them_as_built(String setting) {
        assertThat(PartsAsBuilt.suit(with(setting))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "upahead.verify=true",
                "upahead.backup=true",
                "upahead.in-background=false",
                "upahead.sign-in.issuer=https://accounts.mill.example",
                "spring.datasource.url=jdbc:postgresql://localhost/up-ahead",
                "spring.mail.host=mail.mill.example",
                "SPRING_MAIL_HOST=mail.mill.example",
                "MANAGEMENT_SERVER_PORT=9000",
                "springdoc.api-docs.enabled=false"
            })
    void what_chooses_others_has_them_looked_for(String setting) {
        assertThat(PartsAsBuilt.suit(with(setting))).isFalse();
    }

    @Test
    void every_setting_a_condition_asks_for_is_known_to_choose() {
        List<String> asked = new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackagesOf(UpAhead.class).stream()
                        .flatMap(PartsAsBuiltTest::asked)
                        .distinct()
                        .sorted()
                        .toList();

        assertThat(asked).isNotEmpty();
        assertThat(PartsAsBuilt.CHOOSING).containsOnlyKeys(asked.toArray(String[]::new));
    }

    /** The settings that the conditions on a class or its beans name. */
    private static Stream<String> asked(JavaClass type) {
        return Stream.concat(
                        type.getAnnotations().stream(),
                        type.getMethods().stream().flatMap(method -> method.getAnnotations().stream()))
                .filter(each -> each.getRawType().getSimpleName().startsWith("Conditional"))
                .flatMap(each -> each.getProperties().values().stream())
                .flatMap(value -> value instanceof Object[] many ? Arrays.stream(many) : Stream.of(value))
                .flatMap(value -> SETTING.matcher(value.toString()).results().map(MatchResult::group));
    }

    private static StandardEnvironment with(String setting) {
        StandardEnvironment settings = new StandardEnvironment();
        int equals = setting.indexOf('=');
        settings.getPropertySources()
                .addFirst(new MapPropertySource(
                        "given", Map.of(setting.substring(0, equals), setting.substring(equals + 1))));
        return settings;
    }
}
