package upahead.server.staffing;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.employment.PeopleFilter;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Progress;
import upahead.server.staffing.PeopleImport.Reading;

/** People by file, in and out. */
@RestController
@RequestMapping("/api/people")
class PeopleFilesController {

    /**
     * How a file is to be read.
     *
     * @param columns null to find them by their names
     * @param order of day and month, null to find it out
     * @param token for asking how far it has come, null for not asking
     */
    record ReadingForm(
            @Nullable List<FileColumns.@Valid ColumnChoice> columns,
            @Nullable Dates.Order order,
            @NotNull(message = "please say from when on changes hold") LocalDate changesFrom,
            @Nullable String token) {
        Reading reading() {
            return new Reading(new FileColumns.Reading(columns, order), changesFrom);
        }
    }

    private final PeopleImport imports;
    private final PeopleFiles files;
    private final Progress progress;

    PeopleFilesController(PeopleImport imports, PeopleFiles files, Progress progress) {
        this.imports = imports;
        this.files = files;
        this.progress = progress;
    }

    @PostMapping(path = "/import/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PeoplePreview preview(@RequestPart MultipartFile file, @Valid @RequestPart ReadingForm reading) throws IOException {
        return imports.preview(file.getBytes(), reading.reading());
    }

    @PostMapping(path = "/import", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PeoplePreview take(@RequestPart MultipartFile file, @Valid @RequestPart ReadingForm reading) throws IOException {
        byte[] content = file.getBytes();
        return progress.of(reading.token(), () -> imports.take(content, reading.reading()));
    }

    @GetMapping("/template")
    ResponseEntity<String> template() {
        return files.template().answer();
    }

    @GetMapping("/export")
    ResponseEntity<String> export(@ParameterObject PeopleFilter filter) {
        return files.export(filter.everybody()).answer();
    }
}
