package upahead.server.requests;

import java.io.IOException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.requests.DocumentStore.Document;

/** Documents of requests. */
@RestController
class DocumentController {

    private final Documents documents;

    DocumentController(Documents documents) {
        this.documents = documents;
    }

    @PostMapping(path = "/api/people/{personId}/documents", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    DocumentView keep(@PathVariable long personId, @RequestPart MultipartFile file) throws IOException {
        return documents.keep(personId, file.getOriginalFilename(), file.getBytes());
    }

    @GetMapping("/api/documents/{id}")
    ResponseEntity<byte[]> open(@PathVariable long id) {
        Document document = documents.open(id);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(document.type()))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(document.name())
                                .build()
                                .toString())
                .body(document.content());
    }
}
