package grimygasket.call;

import grimygasket.visit.ring.Authority;
import java.util.UUID;

/** Somebody who works on calls. */
public record Person(UUID account, String name, Authority rank) {}
