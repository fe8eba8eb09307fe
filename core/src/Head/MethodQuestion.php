<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

/**
 * The questions on which practitioners disagree. A salon picks a default, a client can differ;
 * no answer is better than another here. The first choice listed is our own default.
 */
enum MethodQuestion: string
{
    case PreWash = 'pre-wash';
    case Detangling = 'detangling';
    case Tools = 'tools';
    case ShampooReach = 'shampoo-reach';
    case ShampooSections = 'shampoo-sections';
    case Cleansing = 'cleansing';
    case MaskAndConditioner = 'mask-and-conditioner';
    case MaskRhythm = 'mask-rhythm';
    case MaskWater = 'mask-water';
    case MaskReach = 'mask-reach';
    case Residue = 'residue';
    case MaskHeat = 'mask-heat';
    case RinseWater = 'rinse-water';
    case StylingOn = 'styling-on';
    case LeaveIn = 'leave-in';
    case Oils = 'oils';
    case Scalp = 'scalp';
    case Protein = 'protein';
    case SnappingHair = 'snapping-hair';
    case Trim = 'trim';
    case WashedAt = 'washed-at';
    case WetHair = 'wet-hair';
    case Night = 'night';

    /** @return non-empty-list<string> the schools, our default first */
    public function choices(): array
    {
        return match ($this) {
            self::PreWash => ['none', 'oil', 'conditioner', 'mix'],
            self::Detangling => [
                'under-conditioner', 'dry-with-oil', 'wet-before-shampoo', 'in-shampoo', 'after-rinse', 'before-styler',
            ],
            self::Tools => ['fingers-comb', 'fingers', 'fingers-comb-brush'],
            self::ShampooReach => ['scalp-only', 'scalp-and-lengths'],
            self::ShampooSections => ['whole-head', 'in-sections'],
            self::Cleansing => ['one-pass', 'two-passes', 'alternate-co-wash', 'clarify-then-moisturise'],
            self::MaskAndConditioner => ['one', 'both'],
            self::MaskRhythm => ['by-signs', 'by-calendar'],
            self::MaskWater => ['squeeze-first', 'add-water'],
            self::MaskReach => ['lengths', 'roots-too'],
            self::Residue => ['rinse-out', 'leave-slip'],
            self::MaskHeat => ['body-heat', 'cap-or-hood'],
            self::RinseWater => ['lukewarm', 'warm-then-cool'],
            self::StylingOn => ['dripping', 'damp'],
            self::LeaveIn => ['leave-in-then-gel', 'gel-then-moisturiser', 'none'],
            self::Oils => ['seal', 'none'],
            self::Scalp => ['bare', 'oil-or-spray', 'oil-also-when-flaking'],
            self::Protein => ['by-signs', 'by-calendar', 'avoided'],
            self::SnappingHair => ['moisture-first', 'protein-first'],
            self::Trim => ['while-detangling', 'stretched'],
            self::WashedAt => ['shower', 'basin', 'outside'],
            self::WetHair => ['slip-protects', 'wet-breaks'],
            self::Night => ['satin', 'cotton'],
        };
    }
}
