package upahead.server.platform.files;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Answers with a file that a browser saves under its name. */
final class SavedFile {

    private SavedFile() {}

    static <T> ResponseEntity<T> answer(String name, MediaType type, T content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(content);
    }
}
