package upahead.server.platform.words;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * What somebody looks for among things that are at hand.
 *
 * @param words in small letters; nothing is looked for where there are none
 */
public record Search(List<String> words) {

    /** @param typed null or blank where nothing is looked for */
    public static Search of(@Nullable String typed) {
        return new Search(
                Stream.of((typed == null ? "" : typed).toLowerCase(Locale.ROOT).split("\\s+"))
                        .filter(word -> !word.isEmpty())
                        .toList());
    }

    /** Whether each word stands somewhere in some texts, whatever its case. */
    public boolean finds(String... texts) {
        String all = String.join(" ", texts).toLowerCase(Locale.ROOT);
        return words.stream().allMatch(all::contains);
    }
}
