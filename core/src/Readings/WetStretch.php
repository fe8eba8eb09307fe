<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/**
 * Wet stretch: 3 to 5 wet hairs, each of known length, stretched slowly and let go.
 * Stretch = (stretched − rest)/rest, return = (stretched − returned)/(stretched − rest), both in %.
 */
final readonly class WetStretch implements Test
{
    public const MOST_HAIRS = 5;
    private const LIKELY_STRETCH_PERCENT = 80;

    public function name(): string
    {
        return 'wet-stretch';
    }

    public function moments(): array
    {
        return Moment::cases();
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('rest_mm', 'Rest length', 'mm', 10, 1000, likely: [30, 500]),
            new RawMeasure('stretched_mm', 'Stretched length', 'mm', 10, 2000),
            new RawMeasure('returned_mm', 'Returned length', 'mm', 10, 2000),
        ];
    }

    public function problems(array $raw): array
    {
        $hairs = $raw['hairs'] ?? null;
        if (! is_array($hairs) || ! array_is_list($hairs) || $hairs === [] || count($hairs) > self::MOST_HAIRS) {
            return ['hairs' => 'Hairs: measure 1 to 5 hairs; 3 to 5 are best.'];
        }
        $problems = [];
        foreach ($hairs as $i => $hair) {
            if (! is_array($hair)) {
                $problems["hairs.{$i}"] = 'Give each hair its rest and stretched length in mm, and its returned length or that it '
                    . 'snapped.';
                continue;
            }
            foreach ($this->problemsOfHair($hair) as $name => $problem) {
                $problems["hairs.{$i}.{$name}"] = $problem;
            }
        }

        return $problems;
    }

    /**
     * @param array<mixed> $hair
     *
     * @return array<string, string>
     */
    private function problemsOfHair(array $hair): array
    {
        $problems = [];
        $snapped = ($hair['snapped'] ?? false) === true;
        foreach ($this->rawMeasures() as $measure) {
            if ($measure->name === 'returned_mm' && $snapped) {
                continue;
            }
            $problem = $measure->problem($hair[$measure->name] ?? null);
            if ($problem !== null) {
                $problems[$measure->name] = $problem;
            }
        }
        if ($problems !== []) {
            return $problems;
        }
        [$rest, $stretched, $returned] = $this->lengths($hair);
        if ($stretched < $rest) {
            $problems['stretched_mm'] = "Stretched length: a hair does not get shorter when it is stretched; type {$rest} mm or more.";
        } elseif ($stretched > 2.5 * $rest) {
            $problems['stretched_mm'] = 'Stretched length: hair breaks long before it is two and a half times as long; type '
                . 2.5 * $rest
                . ' mm or less.';
        } elseif (! $snapped && ($returned < $rest || $returned > $stretched)) {
            $problems['returned_mm'] = "Returned length: type {$rest} mm (all the way back) to {$stretched} mm (not at all).";
        }

        return $problems;
    }

    public function questions(array $raw): array
    {
        $questions = [];
        foreach (is_array($raw['hairs'] ?? null) ? $raw['hairs'] : [] as $i => $hair) {
            [$rest, $stretched] = $this->lengths(is_array($hair) ? $hair : []);
            $percent = $rest > 0 ? 100 * ($stretched - $rest) / $rest : 0.0;
            $question = $this->rawMeasures()[0]->question($rest);
            if ($question !== null) {
                $questions["hairs.{$i}.rest_mm"] = $question;
            } elseif ($percent > self::LIKELY_STRETCH_PERCENT) {
                $questions["hairs.{$i}.stretched_mm"] = sprintf(
                    'Stretched length: a stretch of %d %% is possible, yet far from the usual 20 to %d. '
                        . 'Correct it, or take it in once more if it is so.',
                    (int) round($percent),
                    self::LIKELY_STRETCH_PERCENT,
                );
            }
        }

        return $questions;
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $hairs = is_array($raw['hairs'] ?? null) ? $raw['hairs'] : [];
        $stretch = $return = [];
        $snapped = 0;
        foreach ($hairs as $hair) {
            [$rest, $stretched, $returned] = $this->lengths(is_array($hair) ? $hair : []);
            $stretch[] = 100 * ($stretched - $rest) / $rest;
            if (is_array($hair) && ($hair['snapped'] ?? false) === true) {
                $snapped++;
            } elseif ($stretched > $rest) {
                $return[] = 100 * ($stretched - $returned) / ($stretched - $rest);
            }
        }
        $count = max(1, count($stretch));
        $mean = array_sum($stretch) / $count;
        $measured = [new MeasuredSign(
            Sign::WetStretch,
            $mean,
            Sign::WetStretch->sd($parameters->signs) / sqrt($count),
            $this->meaning($mean, $return, $snapped),
        )];
        if ($return !== []) {
            $returns = array_sum($return) / count($return);
            $measured[] = new MeasuredSign(
                Sign::StretchReturn,
                $returns,
                Sign::StretchReturn->sd($parameters->signs) / sqrt(count($return)),
                match (true) {
                    $returns >= 95 => 'takes all of the stretch back',
                    $returns >= 85 => 'takes most of the stretch back',
                    default => 'keeps part of the stretch',
                },
            );
        }

        return $measured;
    }

    /** @param list<float> $return */
    private function meaning(float $stretch, array $return, int $snapped): string
    {
        $returns = $return === [] ? null : array_sum($return) / count($return);

        return match (true) {
            $snapped > 0 && $stretch < 35 =>
                'short stretch and a snap: too dry, too much protein, or so weak that protein is due; the '
                    . 'history tells them apart',
            $snapped > 0 => 'stretches and snaps: weak',
            $returns !== null && $stretch > 55 && $returns < 85 =>
                'long, gummy, does not come back: lacks protein or is over-moist',
            $stretch < 30 => 'little stretch: dry, or much protein',
            $returns !== null && $returns < 85 => 'does not come all the way back: protein may be due',
            default => 'stretches and comes back as healthy wet hair does',
        };
    }

    /**
     * @param array<mixed> $hair
     *
     * @return array{float, float, float} rest, stretched, returned, in mm
     */
    private function lengths(array $hair): array
    {
        $number = static fn (mixed $value): float => is_int($value) || is_float($value) ? (float) $value : 0.0;

        return [
            $number($hair['rest_mm'] ?? null),
            $number($hair['stretched_mm'] ?? null),
            $number($hair['returned_mm'] ?? null),
        ];
    }
}
