<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use Nagomi\Core\Learning\AlikeHeads;
use Nagomi\Core\Learning\FourOfFive;
use Nagomi\Core\Learning\KindShift;
use Nagomi\Core\Learning\SalonLearning;
use Nagomi\Core\Parameters\Parameters;

/** In what hair of one kind is otherwise than a salon's clients' hair as a whole. */
final readonly class LearnedKind
{
    /** So many are looked at that nineteen of twenty would be too few: 199 of 200 that do not differ stay below. */
    private const CLEAR_SDS = 2.576;

    /** Nearer to the others nothing changes for anybody. */
    private const WORTH_TIMES = 1.1;

    /** Fewer clients of a kind are themselves rather than their kind. */
    private const FEWEST_CLIENTS = 3.0;

    /**
     * @param string              $rate    what is otherwise: how fast moisture or protein go, or how much is taken up
     * @param string              $kind    trait and kind, such as strand/fine
     * @param float               $times   that of all
     * @param array{float, float} $between 80 % interval of it
     * @param float               $clients it rests on; one of whose hair half is so counts half
     */
    private function __construct(
        public string $rate,
        public string $kind,
        public float $times,
        public array $between,
        public float $clients,
        public bool $isClear,
    ) {
    }

    /**
     * @param StoredKinds $stored
     *
     * @return list<self> of kinds that clients have
     */
    public static function all(array $stored): array
    {
        $all = [];
        foreach (self::shifts($stored) as $rate => $kinds) {
            foreach ($kinds as $kind => $shift) {
                if ($shift->heads > 0.0) {
                    $all[] = self::of($rate, $kind, $shift);
                }
            }
        }

        return $all;
    }

    /**
     * @param StoredKinds $stored
     * @param StoredKinds $used   what the salon goes by now; [] where kinds do not differ in it
     *
     * @return list<self> that are clearly otherwise, and not about what the salon goes by already
     */
    public static function clear(array $stored, array $used = []): array
    {
        $isNew = static function (self $kind) use ($used): bool {
            $known = (float) ($used[$kind->rate][$kind->kind]['log'] ?? 0.0);

            return $kind->isClear && abs(log($kind->times) - $known) > log(self::WORTH_TIMES);
        };

        return array_values(array_filter(self::all($stored), $isNew));
    }

    private static function of(string $rate, string $kind, KindShift $shift): self
    {
        $by = FourOfFive::SDS * $shift->sd;

        return new self(
            $rate,
            $kind,
            exp($shift->log),
            [exp($shift->log - $by), exp($shift->log + $by)],
            $shift->heads,
            abs($shift->log) > self::CLEAR_SDS * $shift->sd
                && abs($shift->log) > log(self::WORTH_TIMES)
                && $shift->heads >= self::FEWEST_CLIENTS,
        );
    }

    /** @return StoredKinds|null what a salon's clients have in common by kind; null where they are too few to tell */
    public static function learned(LearningWork $work, Parameters $shipped): ?array
    {
        if (count($work->alike) < SalonLearning::FEWEST_HEADS) {
            return null;
        }
        $heads = array_map(static fn (array $of): array => [
            'kind' => array_map(floatval(...), $of['kind']),
            'said' => array_map(
                static fn (array $one): array => [(float) ($one[0] ?? 0.0), (float) ($one[1] ?? 0.0)],
                $of['said'],
            ),
        ], array_values($work->alike));

        return array_map(
            static fn (array $kinds): array => array_map(
                static fn (KindShift $shift): array => (array) $shift,
                $kinds,
            ),
            AlikeHeads::shifts($heads, $shipped),
        );
    }

    /** @param StoredKinds $stored */
    public static function applied(array $stored, Parameters $parameters): Parameters
    {
        return AlikeHeads::parameters($parameters, self::shifts($stored));
    }

    /**
     * @param StoredKinds $stored
     *
     * @return array<string, array<string, KindShift>> by rate and kind
     */
    private static function shifts(array $stored): array
    {
        return array_map(static fn (array $kinds): array => array_map(
            static fn (array $of): KindShift => new KindShift(
                (float) $of['log'],
                (float) $of['sd'],
                (float) $of['heads'],
            ),
            $kinds,
        ), $stored);
    }
}
