<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use Nagomi\Core\Learning\LearnedValue;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;

/** What was learned of one factor, as a number with a unit that somebody can check: one of those it multiplies. */
final readonly class LearnedNumber
{
    /** Of each factor the parameter it is shown by, and times what. */
    private const SHOWN_BY = [
        'spread' => ['model.start-sd', 'moisture', 1.0],
        'slopes' => ['signs.sign-slopes', 'dryness/moisture', -10.0],
        'noise' => ['signs.reading-sd', 'dryness', 1.0],
        'moisture-fading' => ['model.moisture-half-life-days', 'medium', 1.0],
        'protein-fading' => ['model.protein-half-life-days', 'medium', 1.0],
        'moisture-gains' => ['treatments.moisture-of', 'mask', 1.0],
        'protein-gains' => ['treatments.protein-of', 'strong-protein', 1.0],
    ];

    /** z beyond which one of twenty lies by chance. */
    private const CLEAR_SDS = 1.96;

    /** Nearer to what ships nothing changes for anybody. */
    private const WORTH_TIMES = 1.15;

    /**
     * @param string              $factor   its name
     * @param float               $shipped  in its unit
     * @param float               $here     what was learned
     * @param array{float, float} $between  80 % interval of it
     * @param float               $times    what ships
     * @param array{float, float} $timesBetween
     * @param float               $weight   of the salon's records beside what ships, 0 to 1
     */
    private function __construct(
        public string $factor,
        public float $shipped,
        public float $here,
        public array $between,
        public float $times,
        public array $timesBetween,
        public float $weight,
    ) {
    }

    /**
     * @param StoredLearned        $learned
     * @param array<string, float> $used factors the salon goes by now; [] for those that ship
     *
     * @return list<self> those that clearly differ from what it goes by, but for how much clients differ, which nobody sees
     */
    public static function clear(array $learned, array $used, Parameters $shipped): array
    {
        $clear = array_filter(
            LearningWork::values($learned),
            static function (LearnedValue $value) use ($used): bool {
                $apart = abs($value->log - log((float) ($used[$value->of->value] ?? 1.0)));

                return $value->of !== LearnedFactor::Spread
                    && $apart > self::CLEAR_SDS * $value->logSd
                    && $apart > log(self::WORTH_TIMES);
            },
        );

        return array_values(array_map(static fn (LearnedValue $value): self => self::of($value, $shipped), $clear));
    }

    /**
     * @param StoredLearned $learned
     *
     * @return list<self>
     */
    public static function all(array $learned, Parameters $shipped): array
    {
        return array_values(array_map(
            static fn (LearnedValue $value): self => self::of($value, $shipped),
            LearningWork::values($learned),
        ));
    }

    private static function of(LearnedValue $value, Parameters $shipped): self
    {
        [$name, $key, $scale] = self::SHOWN_BY[$value->of->value];
        $ships = $shipped->table->one($name, $key)->value;
        $times = static fn (float $by): float
            => $scale * $value->of->times($by, $shipped)->table->one($name, $key)->value;

        return new self(
            $value->of->value,
            $scale * $ships,
            $times($value->factor()),
            array_map($times, $value->interval()),
            $value->factor(),
            $value->interval(),
            $value->weight,
        );
    }
}
