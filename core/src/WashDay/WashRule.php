<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

/**
 * What holds of any wash day, however it is composed; broken only for a reason that is said. Common practice, no source,
 * unless the sentence on screen says more.
 */
enum WashRule: string
{
    /** Strong protein without a mask or conditioner after it. */
    case MaskAfterStrongProtein = 'mask-after-strong-protein';
    /** Protein twice in one day. */
    case ProteinOnce = 'protein-once';
    /** A pre-wash after the water has been: oil repels it, and water repels oil. */
    case PreWashBeforeWater = 'pre-wash-before-water';
    /** Less than it takes before what waits for it: oil 30 minutes before the water. */
    case LongEnough = 'long-enough';
    /** Longer than the label or the trade bears. */
    case NotTooLong = 'not-too-long';
    /** Cleanser, conditioner, mask or protein on hair that was not wet through. */
    case WetFirst = 'wet-first';
    /** Something that stays in on top of something that has to be rinsed out. */
    case RinsedOut = 'rinsed-out';
    /** A third pass of cleansing without a check for stripping. */
    case CheckBeforeThirdPass = 'check-before-third-pass';
    /** Water on hair that is styled already. */
    case WaterBeforeStyle = 'water-before-style';
    /** The cast is broken before the last of the drying. */
    case CastWhenDry = 'cast-when-dry';
    /** Combs and clips are not disinfected. */
    case ToolsCleaned = 'tools-cleaned';
}
