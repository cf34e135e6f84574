<?php

declare(strict_types=1);

namespace OldEddy\Choice\Lures;

/** What a rule knows a family for by name. A family's record says which of these it does; rules ask for the job, never for the lure. */
enum Job: string
{
    /** One of the winter five, and the two that come next (L7). */
    case WinterFive = 'winter_five';
    case WinterNext = 'winter_next';

    /** Docks: on the bottom under shallow floats (S11), at the posts (S12), at the posts in fall, beneath the floats (S11), over the deep (S19). */
    case DockBottom = 'dock_bottom';
    case DockPosts = 'dock_posts';
    case DockPostsFall = 'dock_posts_fall';
    case DockFloats = 'dock_floats';
    case DockDeep = 'dock_deep';

    /** The shade line by what can be seen, and without wind (L6). */
    case ShadeMurk = 'shade_murk';
    case ShadeStain = 'shade_stain';
    case ShadeClear = 'shade_clear';
    case ShadeCalm = 'shade_calm';

    /** Fish seen: schooling on bait, on beds (R10). */
    case SchoolingBait = 'schooling_bait';
    case Beds = 'beds';

    /** Shown to a muskie or pike that followed or boiled (L14). */
    case AfterFollows = 'after_follows';

    /** After a front: every pocket of the cover, the outside weed line (W14). */
    case FrontPockets = 'front_pockets';
    case FrontWeedLine = 'front_weed_line';

    /** Wind, clouds and murk together (W17). */
    case WindCloudMurk = 'wind_cloud_murk';

    /** Over rock in current (L3), heavy enough to feel bottom in current (D5). */
    case RockInCurrent = 'rock_in_current';
    case FeelsBottomInCurrent = 'feels_bottom_in_current';

    /** Pads with deeper water beside them; around every shallow cover from 56 to 65 °F. */
    case PadsByDeep = 'pads_by_deep';
    case ShallowCoverSpring = 'shallow_cover_spring';

    /** Lost where nothing sees it (L5). */
    case LostInMud = 'lost_in_mud';

    /** Wound through grass, where a heavy pull may be a fish (R5). */
    case FeltThroughGrass = 'felt_through_grass';

    /** A soft worm, which spring schools speak of (school spring_worms). */
    case SoftWorm = 'soft_worm';

    /** Carries several lures, which not every water allows. */
    case SeveralLures = 'several_lures';
}
