<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('rest_mm', Message::of('tests.wet-stretch.rest-mm'), 'mm', 10, 1000, likely: [30, 500]),
            new RawMeasure('stretched_mm', Message::of('tests.wet-stretch.stretched-mm'), 'mm', 10, 2000),
            new RawMeasure('returned_mm', Message::of('tests.wet-stretch.returned-mm'), 'mm', 10, 2000),
        ];
    }

    public function problems(array $raw): array
    {
        $hairs = $raw['hairs'] ?? null;
        if (! is_array($hairs) || ! array_is_list($hairs) || $hairs === [] || count($hairs) > self::MOST_HAIRS) {
            return ['hairs' => Message::of('tests.problems.hairs')];
        }
        $problems = [];
        foreach ($hairs as $i => $hair) {
            if (! is_array($hair)) {
                $problems["hairs.{$i}"] = Message::of('tests.problems.each-hair');
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
     * @return array<string, Message>
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
            $problems['stretched_mm'] = Message::of('tests.problems.shorter', least: new Figure($rest));
        } elseif ($stretched > 2.5 * $rest) {
            $problems['stretched_mm'] = Message::of('tests.problems.too-long', most: new Figure(2.5 * $rest));
        } elseif (! $snapped && ($returned < $rest || $returned > $stretched)) {
            $problems['returned_mm'] = Message::of(
                'tests.problems.returned',
                least: new Figure($rest),
                most: new Figure($stretched),
            );
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
                $questions["hairs.{$i}.stretched_mm"] = Message::of(
                    'tests.questions.stretch',
                    percent: (int) round($percent),
                    most: self::LIKELY_STRETCH_PERCENT,
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
                    $returns >= 95 => Message::of('readings.wet-stretch.all-back'),
                    $returns >= 85 => Message::of('readings.wet-stretch.most-back'),
                    default => Message::of('readings.wet-stretch.keeps-part'),
                },
            );
        }

        return $measured;
    }

    /** @param list<float> $return */
    private function meaning(float $stretch, array $return, int $snapped): Message
    {
        $returns = $return === [] ? null : array_sum($return) / count($return);

        return Message::of('readings.wet-stretch.' . match (true) {
            $snapped > 0 && $stretch < 35 => 'short-snap',
            $snapped > 0 => 'snaps',
            $returns !== null && $stretch > 55 && $returns < 85 => 'gummy',
            $stretch < 30 => 'little',
            $returns !== null && $returns < 85 => 'not-all-back',
            default => 'healthy',
        });
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
