package honeylamp.desktop.panel.part;

import honeylamp.catalogue.OpeningSizes.Product;
import honeylamp.catalogue.RoomUses.RoomNames;
import honeylamp.plan.WallType;

/** All that a person keeps for all plans. */
public record Libraries(Library<WallType> wallTypes, Library<Product> products, Library<RoomNames> roomNames) {}
