package amberrail.bare;

import org.springframework.data.jpa.repository.JpaRepository;

interface BareRows extends JpaRepository<BareRow, java.util.UUID> {}
