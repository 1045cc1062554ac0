package toroid.server.photo;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoPictureRepository extends JpaRepository<PhotoPicture, UUID> {}
