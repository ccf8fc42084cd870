package app.gradior.web.journal;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Pictures of batches, for other places. */
@Component
public class BatchPhotos {
    private final BatchPhotoMapper mapper;

    BatchPhotos(BatchPhotoMapper mapper) {
        this.mapper = mapper;
    }

    /** The picture of a batch as JPEG. */
    public Optional<byte[]> find(UUID kitchen, UUID cook) {
        return mapper.photo(kitchen, cook).map(BatchPhotoMapper.Photo::jpeg);
    }
}
