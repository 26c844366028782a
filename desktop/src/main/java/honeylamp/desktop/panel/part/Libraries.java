package honeylamp.desktop.panel.part;

import honeylamp.catalogue.KeptFinish;
import honeylamp.catalogue.KeptFitting;
import honeylamp.catalogue.KeptLook;
import honeylamp.catalogue.LabelSets.LabelSet;
import honeylamp.catalogue.MinimumSets.MinimumSet;
import honeylamp.catalogue.OpeningSizes.Product;
import honeylamp.catalogue.RoomUses.RoomNames;
import honeylamp.catalogue.SeenSets.SeenSet;
import honeylamp.catalogue.TierSets.TierSet;
import honeylamp.pack.Brand;
import honeylamp.pack.Office;
import honeylamp.pack.Recipe;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.OwnBlock;
import honeylamp.plan.WallType;
import honeylamp.store.AtHand;
import honeylamp.store.RecentPlan;

/**
 * All that a person keeps for all plans.
 *
 * @param fittings lights, switches and outlets as they are bought
 * @param recipes of packs
 * @param brands packs carry
 * @param offices what the office writes into title blocks, one at most
 * @param titleBlocks made by oneself
 * @param atHand what is offered first in catalogues, the newest last
 * @param recent plans worked on, the newest last
 * @param templates plans to begin others with, empty of all that stands in them
 */
public record Libraries(
        Library<WallType> wallTypes,
        Library<Product> products,
        Library<RoomNames> roomNames,
        Library<KeptFinish> finishes,
        Library<SeenSet> seenSets,
        Library<TierSet> tierSets,
        Library<DimensionStyle> dimensionStyles,
        Library<LabelSet> labelSets,
        Library<KeptLook> looks,
        Library<MinimumSet> minimumSets,
        Library<OwnPiece> pieces,
        Library<KeptFitting> fittings,
        Library<Recipe> recipes,
        Library<Brand> brands,
        Library<Office> offices,
        Library<OwnBlock> titleBlocks,
        Library<AtHand> atHand,
        Library<RecentPlan> recent,
        Library<Plan> templates) {}
