package upahead.server.policies.examples;

import jakarta.annotation.Nullable;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Unit;
import upahead.rehearsal.InvalidCase;
import upahead.rehearsal.WrittenCase;
import upahead.rehearsal.WrittenVersion;
import upahead.server.platform.files.Download;
import upahead.server.platform.json.StoredJson;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.TermsWords;
import upahead.written.Choices;
import upahead.written.WrittenTerms;

/**
 * Policies and their examples as open files: a case file for each example, with the policy in it, that the rehearsing
 * command runs.
 */
@Service
public class ExampleFiles {

    private static final int MOST_FILES = 200;
    private static final String ENDING = ".json";
    private static final byte[] ZIP = {'P', 'K'};

    /**
     * A version of a policy that a file brings along.
     *
     * @param from null where it has held always
     */
    public record BroughtVersion(
            @Nullable LocalDate from, Unit unit, String benefitYear, WrittenTerms terms, TermsWords words) {}

    /**
     * A case file that was read; nothing is kept yet.
     *
     * @param file its name
     * @param name of the example, empty where it cannot be read
     * @param written the example without the policy, empty where it cannot be read
     * @param versions of the policy in it, by date; none where it brings none
     * @param keepsItself whether its own policy gives the figures it expects; null where it brings none
     * @param fault why it cannot be read, empty where it can be
     */
    public record BroughtExample(
            String file,
            String name,
            String written,
            List<BroughtVersion> versions,
            @Nullable Boolean keepsItself,
            String fault) {}

    /** A file as it was brought. */
    public record BroughtFile(String name, byte[] content) {}

    private final Policies policies;
    private final ExampleStore store;
    private final ExampleRuns runs;
    private final StoredJson json;

    ExampleFiles(Policies policies, ExampleStore store, ExampleRuns runs, StoredJson json) {
        this.policies = policies;
        this.store = store;
        this.runs = runs;
        this.json = json;
    }

    /**
     * A policy with all its examples, an archive of case files. Of a policy without examples, one file of somebody who has
     * worked full-time for two years.
     *
     * @throws Refusal if the policy has no balance
     */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public Download of(long policyId) {
        PolicyDetail policy = policies.get(policyId);
        policy.requireBalance();
        List<WrittenVersion> versions = runs.versions(policy, null, null);
        if (versions.isEmpty()) {
            versions = runs.always(
                    policy.unit(),
                    policy.benefitYear(),
                    policy.versions().get(0).terms());
        }
        List<String> examples =
                store.of(policyId).stream().map(PolicyExample::written).toList();
        return new Download(
                fileName(policy.name()) + ".zip",
                MediaType.parseMediaType("application/zip"),
                archive(examples.isEmpty() ? List.of(sample(policy)) : examples, versions));
    }

    private static String sample(PolicyDetail policy) {
        LocalDate hired = policy.begins().orElse(LocalDate.of(2027, 1, 1));
        LocalDate last = hired.plusYears(2).minusDays(1);
        return """
                {"case": "%s, two years full-time", "employee": {"hired": "%s"},
                 "facts": [{"from": "%s", "to": "%s", "work": "scheduled"}], "ask": ["%s"]}"""
                .formatted(policy.name().replaceAll("[\"\\\\\\p{Cntrl}]", " "), hired, hired, last, last);
    }

    private static byte[] archive(List<String> examples, List<WrittenVersion> versions) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Set<String> names = new HashSet<>();
        try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            for (String written : examples) {
                WrittenCase example = WrittenCase.read(written);
                String name = fileName(example.name());
                for (int again = 2; !names.add(name); again++) {
                    name = fileName(example.name()) + "-" + again;
                }
                zip.putNextEntry(new ZipEntry(name + ENDING));
                zip.write(example.under(versions).text().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    private static String fileName(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "example" : plain;
    }

    /**
     * Reads case files, or archives of them; each that cannot be read says why.
     *
     * @throws Refusal if there are more than 200
     */
    @May(Permission.WRITE_POLICIES)
    public List<BroughtExample> read(List<BroughtFile> files) {
        List<BroughtExample> read = new ArrayList<>();
        for (BroughtFile file : files) {
            for (BroughtFile each : opened(file)) {
                if (read.size() == MOST_FILES) {
                    throw Refusal.of("files", "At most " + MOST_FILES + " examples can be brought in at once.");
                }
                read.add(example(each));
            }
        }
        return read;
    }

    private static List<BroughtFile> opened(BroughtFile file) {
        byte[] content = file.content();
        if (content.length < ZIP.length || content[0] != ZIP[0] || content[1] != ZIP[1]) {
            return List.of(file);
        }
        List<BroughtFile> inside = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (!entry.isDirectory() && inside.size() <= MOST_FILES) {
                    inside.add(new BroughtFile(entry.getName(), zip.readNBytes(ExampleRuns.LONGEST + 1)));
                }
            }
        } catch (IOException | IllegalArgumentException broken) {
            throw Refusal.of("files", file.name() + " is an archive that cannot be opened.");
        }
        return inside;
    }

    private BroughtExample example(BroughtFile file) {
        try {
            WrittenCase example = WrittenCase.read(text(file.content()));
            List<WrittenVersion> versions = example.versions();
            Boolean keepsItself =
                    versions.isEmpty() ? null : example.run().stream().allMatch(WrittenCase.Outcome::isKept);
            return new BroughtExample(
                    file.name(),
                    example.name(),
                    example.withoutPolicy().exact(),
                    versions.stream().map(this::version).toList(),
                    keepsItself,
                    "");
        } catch (InvalidCase invalid) {
            return new BroughtExample(file.name(), "", "", List.of(), null, invalid.getMessage());
        }
    }

    private static String text(byte[] content) {
        if (content.length > ExampleRuns.LONGEST) {
            throw Refusal.of("files", "An example has at most " + ExampleRuns.LONGEST + " characters.");
        }
        return new String(content, StandardCharsets.UTF_8);
    }

    private BroughtVersion version(WrittenVersion version) {
        Unit unit = Choices.read(Unit.class, version.unit()).orElseThrow();
        WrittenTerms terms = json.read(version.terms(), WrittenTerms.class);
        return new BroughtVersion(
                version.from().orElse(null),
                unit,
                version.benefitYear(),
                terms,
                TermsWords.of(unit, version.benefitYear(), terms));
    }
}
