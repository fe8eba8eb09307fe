<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\Style;
use Nagomi\Core\WashDay\StyleLook;

/** How a style looked, day by day, as the core knows it. */
final class StyleLooks
{
    /** @return array<string, StyleLook> by day, as Y-m-d */
    public static function of(Style $style): array
    {
        $looks = [];
        foreach ($style->looks ?? [] as $day => $look) {
            $looks[$day] = new StyleLook($look['definition'], $look['frizz'], $look['moisture']);
        }

        return $looks;
    }
}
