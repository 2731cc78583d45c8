package upahead.server.cards.punches;

import java.io.IOException;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.cards.punches.PunchImport.PunchPreview;
import upahead.server.platform.files.FileColumns;

/** Files of punches. */
@RestController
@RequestMapping("/api/punches")
class PunchFileController {

    private final PunchImport punches;

    PunchFileController(PunchImport punches) {
        this.punches = punches;
    }

    /** Looks at a file. */
    @PostMapping(path = "/file/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PunchPreview preview(@RequestPart MultipartFile file, @RequestPart(required = false) FileColumns.Reading reading)
            throws IOException {
        return punches.preview(file.getBytes(), FileColumns.Reading.orByItself(reading));
    }

    /** Takes a file, but the lines that are left out on purpose. */
    @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    PunchPreview take(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam(required = false) Set<Long> skip)
            throws IOException {
        String name = file.getOriginalFilename() == null ? "punches" : file.getOriginalFilename();
        return punches.take(
                file.getBytes(), FileColumns.Reading.orByItself(reading), name, skip == null ? Set.of() : skip);
    }
}
