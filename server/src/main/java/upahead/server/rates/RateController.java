package upahead.server.rates;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;
import upahead.server.platform.audit.Sensitive;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.json.Page;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Search;
import upahead.server.rates.RateImport.Otherwise;
import upahead.server.rates.RateImport.RatePreview;

/** Pay rates. */
@RestController
@RequestMapping("/api/pay-rates")
class RateController {

    private static final int DECIMALS = 4;
    private static final int MOST_DIGITS = 13;

    /** A rate from a day on. */
    record RateForm(
            @NotNull(message = "please choose the first day") LocalDate from,
            @NotNull(message = "please give an amount") Amount amount,
            @NotNull(message = "please say what it is for") PayRate.Per per) {

        PersonRate of(long personId) {
            if (amount.isNegative()) {
                throw Refusal.of("amount", "A rate is at least 0.");
            }
            if (amount.value().scale() > DECIMALS || amount.value().precision() > MOST_DIGITS) {
                throw Refusal.of("amount", "A rate has at most nine digits and four decimals.");
            }
            return new PersonRate(0, personId, from, amount, per);
        }
    }

    /**
     * A page of those who are wanted.
     *
     * @param total how many are wanted
     * @param without how many of all have no rate
     */
    record RatePage(List<RateRow> items, int total, int without) {}

    private final PayRates rates;
    private final RateImport imports;

    RateController(PayRates rates, RateImport imports) {
        this.rates = rates;
        this.imports = imports;
    }

    /**
     * Who is employed on a day and the rate that holds then.
     *
     * @param without whether only those without a rate are wanted
     */
    @GetMapping
    @Sensitive("looked at everybody's pay rates")
    RatePage on(
            @RequestParam LocalDate asOf,
            @RequestParam(required = false) String search,
            @RequestParam(defaultValue = "false") boolean without,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "100") @Min(1) @Max(200) int size) {
        List<RateRow> all = rates.on(asOf);
        Search wanted = Search.of(search);
        List<RateRow> found = all.stream()
                .filter(row -> !without || row.amount() == null)
                .filter(row -> wanted.finds(row.person(), row.code(), row.team()))
                .toList();
        return new RatePage(Page.part(found, page, size), found.size(), (int)
                all.stream().filter(row -> row.amount() == null).count());
    }

    /** The same as a file, which can be filled in and brought in again. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@RequestParam LocalDate asOf) {
        return RateRow.COLUMNS.csv("pay-rates-" + asOf, rates.on(asOf)).answer();
    }

    @GetMapping("/table.xlsx")
    ResponseEntity<byte[]> xlsx(@RequestParam LocalDate asOf) {
        return RateRow.COLUMNS.xlsx("pay-rates-" + asOf, rates.on(asOf)).answer();
    }

    @GetMapping("/people/{personId}")
    @Sensitive("looked at pay rates")
    List<PersonRate> ofPerson(@PathVariable long personId) {
        return rates.ofPerson(personId);
    }

    @PutMapping("/people/{personId}")
    List<PersonRate> set(@PathVariable long personId, @Valid @RequestBody RateForm form) {
        rates.set(form.of(personId));
        return rates.ofPerson(personId);
    }

    @DeleteMapping("/people/{personId}")
    List<PersonRate> remove(@PathVariable long personId, @RequestParam LocalDate day) {
        rates.remove(personId, day);
        return rates.ofPerson(personId);
    }

    @PostMapping(path = "/file/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RatePreview preview(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam LocalDate on,
            @RequestParam PayRate.Per per)
            throws IOException {
        return imports.preview(file.getBytes(), FileColumns.Reading.orByItself(reading), new Otherwise(on, per));
    }

    @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RatePreview take(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam LocalDate on,
            @RequestParam PayRate.Per per,
            @RequestParam(required = false) Set<Long> skip)
            throws IOException {
        String name = file.getOriginalFilename() == null ? "a file" : file.getOriginalFilename();
        return imports.take(
                file.getBytes(),
                FileColumns.Reading.orByItself(reading),
                new Otherwise(on, per),
                name,
                skip == null ? Set.of() : skip);
    }
}
