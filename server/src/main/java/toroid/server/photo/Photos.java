package toroid.server.photo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.server.store.Edit;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;
import toroid.server.work.RunRows;
import toroid.server.work.Runs;

/** Keeps the photos of runs. What is taken away, or whose run is, can be brought back for {@link #KEPT_AWAY}; after that it is gone. */
@Service
public class Photos extends Keeper<Photo, PhotoNote> {
    /** As many of one run as anybody looks through. */
    static final int MOST = 60;

    static final Duration KEPT_AWAY = Duration.ofDays(30);

    private final PhotoRepository repository;
    private final PhotoPictureRepository pictures;
    private final RunRows rows;
    private final Runs runs;

    Photos(PhotoRepository repository, PhotoPictureRepository pictures, RunRows rows, Runs runs, Clock clock) {
        super("photo", repository, clock);
        this.repository = repository;
        this.pictures = pictures;
        this.rows = rows;
        this.runs = runs;
    }

    /** Of one run, the first taken first. @throws NotKept when there is no such run */
    @Transactional(readOnly = true)
    List<Kept<PhotoData>> ofRun(UUID run) {
        return repository
                .findByRunIdAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(
                        rows.get(run).id())
                .stream()
                .map(Photos::told)
                .toList();
    }

    /**
     * A new one. Sent again under the same id it is one.
     *
     * @throws NotKept when there is no such run
     * @throws Refusal when the run has {@value #MOST} already, or its plan no such operation
     */
    Kept<PhotoData> take(UUID id, UUID run, String operation, Developed picture) {
        Photo before = repository.findById(id).orElse(null);
        if (before != null) {
            return told(before);
        }
        if (operation != null) {
            runs.get(run).data().plan().operation(operation);
        }
        if (repository.countByRunIdAndDeletedAtIsNull(rows.get(run).id()) >= MOST) {
            throw Refusal.of(ServerCode.TOO_MANY_PHOTOS, "photo", null).with("most", MOST);
        }
        Photo photo = repository.saveAndFlush(Photo.taken(id, run, operation, picture, now()));
        pictures.saveAndFlush(PhotoPicture.of(id, picture));
        return told(photo);
    }

    /** @throws NotKept when there is none, or it was taken away, or its run */
    @Transactional(readOnly = true)
    byte[] picture(UUID id, boolean small) {
        Photo photo = find(id);
        if (photo.isDeleted()) {
            throw new NotKept("photo", id);
        }
        rows.get(photo.data().runId());
        PhotoPicture picture = pictures.findById(id).orElseThrow(() -> new NotKept("photo", id));
        return small ? picture.small() : picture.whole();
    }

    /** @throws NotKept when there is none: a photo begins with its picture */
    @Override
    public Kept<PhotoNote> put(UUID id, Edit<PhotoNote> edit) {
        find(id);
        return super.put(id, edit);
    }

    /** What was taken away long ago goes for good. */
    @Scheduled(initialDelay = 1, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
    void clear() {
        clear(now().minus(KEPT_AWAY));
    }

    int clear(Instant before) {
        List<Photo> gone = repository.takenAway(before, rows.removedBefore(before));
        pictures.deleteAllByIdInBatch(gone.stream().map(Photo::id).toList());
        repository.deleteAllInBatch(gone);
        return gone.size();
    }

    private static Kept<PhotoData> told(Photo photo) {
        return Kept.of(photo, photo.data());
    }

    @Override
    protected Photo blank() {
        throw new IllegalStateException("a photo begins with its picture");
    }

    @Override
    protected void fill(Photo photo, PhotoNote data) {
        photo.note(data.note());
    }

    @Override
    protected PhotoNote dataOf(Photo photo) {
        return new PhotoNote(photo.data().note());
    }

    @Override
    protected void check(PhotoNote data) {
        Words.checkNote(data.note());
    }
}
