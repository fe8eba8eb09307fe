<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

/** What put a bottle before the next one that would have done as well. */
enum BottleReason: string
{
    case KnownBeforeTheDay = 'known-before-the-day';
    case Liked = 'liked';
    case SuitsBetter = 'suits-better';
    case AsPlanned = 'as-planned';
    case Worked = 'worked';
    case LikeWhatWorked = 'like-what-worked';
    case SurelyEnough = 'surely-enough';
    case Cheaper = 'cheaper';
}
