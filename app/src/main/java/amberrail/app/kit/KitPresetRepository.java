package amberrail.app.kit;

import org.springframework.data.jpa.repository.JpaRepository;

interface KitPresetRepository extends JpaRepository<KitPresetEntity, String> {}
