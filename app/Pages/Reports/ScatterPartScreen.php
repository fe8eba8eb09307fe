<?php

declare(strict_types=1);

namespace App\Pages\Reports;

use App\Bridge\Learning\KnownScatter;
use App\Drawings\TimesShipped;
use App\Models\Salon;
use App\Models\StylistBias;
use App\Wording\ResultWords;
use App\Wording\Words;

/** Says how much results scatter by who took them and by hair test, and what they count for. */
final readonly class ScatterPartScreen
{
    public function of(Salon $salon): ScatterPart
    {
        $stored = $salon->reading_noise ?? ['by' => [], 'sign' => []];
        $stylists = $this->known($salon, 'by', $stored['by']);
        $tests = $this->known($salon, 'sign', $stored['sign']);
        if ($stylists === []) {
            return new ScatterPart([self::say('nothing')], [], '');
        }
        $says = $rows = [];
        foreach ($stylists as $name => $scatter) {
            $rows[] = self::row((string) $name, $scatter);
            $says[] = $scatter->isClear ? self::clear('stylist', (string) $name, $scatter) : null;
        }
        $clear = array_filter($tests, static fn (KnownScatter $test): bool => $test->isClear);
        foreach ($clear as $sign => $scatter) {
            $rows[] = self::row(ResultWords::which('test', $sign), $scatter);
            $says[] = self::clear('test', ResultWords::which('test', $sign), $scatter);
        }
        $says = array_values(array_filter($says, is_string(...)));
        $rest = count($tests) - count($clear);

        return new ScatterPart(
            $says === [] ? [self::say('usual')] : $says,
            $rows,
            $rest > 0 ? trans_choice('reports.team.scatter.rest', $rest) : '',
        );
    }

    /**
     * @param string $by what it is known by: by or sign
     * @param array<string, array{log: float|int, sd: float|int, readings: int}> $stored
     *
     * @return array<string, KnownScatter>
     */
    private function known(Salon $salon, string $by, array $stored): array
    {
        $factors = [];
        foreach (StylistBias::query()->where('salon_id', $salon->id)->get([$by, 'noise_factor']) as $bias) {
            $factors[$by === 'by' ? $bias->by : $bias->sign][] = $bias->noise_factor;
        }
        $known = [];
        foreach ($stored as $which => $of) {
            $known[$which] = KnownScatter::of($of, $factors[$which] ?? [1.0]);
        }

        return $known;
    }

    private static function clear(string $by, string $which, KnownScatter $scatter): string
    {
        return self::say("clear.{$by}", ['which' => $which, 'times' => Words::rounded($scatter->times, 1)]);
    }

    private static function row(string $name, KnownScatter $scatter): ScatterRow
    {
        return new ScatterRow(
            name: $name,
            here: self::say('times', ['times' => Words::rounded($scatter->times, 2)]),
            between: trans_choice('reports.team.scatter.between', $scatter->results, [
                'least' => Words::rounded($scatter->between[0], 2), 'most' => Words::rounded($scatter->between[1], 2),
            ]),
            counts: $scatter->counts === 100
                ? self::say('counts.whole')
                : self::say('counts.less', ['percent' => $scatter->counts]),
            picture: TimesShipped::of($scatter->times, $scatter->between),
        );
    }

    /** @param array<string, string|int> $with */
    private static function say(string $key, array $with = []): string
    {
        return Words::say("reports.team.scatter.{$key}", $with);
    }
}
