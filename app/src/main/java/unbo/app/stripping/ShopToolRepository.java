package unbo.app.stripping;

import org.springframework.data.jpa.repository.JpaRepository;

/** The workshop's tools. */
interface ShopToolRepository extends JpaRepository<ShopTool, String> {}
