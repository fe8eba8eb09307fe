<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Learning\LearnedKind;
use App\Models\Learning;
use App\Wording\KindWords;
use App\Wording\Words;

/** Says in what a salon's clients of one porosity, strand or curl are otherwise than its clients as a whole. */
final readonly class KindsPartScreen
{
    /** @return KindsPart|null null: it was not looked at, or nobody's hair was measured */
    public function of(?Learning $learning): ?KindsPart
    {
        $kinds = LearnedKind::all($learning->kinds ?? []);
        if ($kinds === []) {
            return null;
        }
        $clear = LearnedKind::clear($learning->kinds ?? []);
        $rows = [];
        foreach ($kinds as $kind) {
            $rows[$kind->kind] ??= [
                'name' => KindWords::name($kind->kind), 'clients' => Words::number(round($kind->clients, 1)),
                'rates' => [],
            ];
            $rows[$kind->kind]['rates'][$kind->rate] = [
                'times' => self::say('times', ['times' => Words::rounded($kind->times, 2)]),
                'between' => self::say('between', [
                    'least' => Words::rounded($kind->between[0], 2), 'most' => Words::rounded($kind->between[1], 2),
                ]),
            ];
        }

        return new KindsPart(
            $clear === [] ? [self::say('none')] : array_map($this->says(...), $clear),
            $clear !== [],
            array_values($rows),
            array_values(array_unique(array_map(static fn (LearnedKind $kind): string => $kind->rate, $kinds))),
        );
    }

    private function says(LearnedKind $kind): string
    {
        return KindWords::otherwise($kind->rate, $kind->kind, $kind->times);
    }

    /** @param array<string, string> $with */
    private static function say(string $key, array $with = []): string
    {
        return Words::say("learned.kinds.{$key}", $with);
    }
}
