<?php

declare(strict_types=1);

namespace App\Care\Readings;

use App\Bridge\Learning\SalonParameters;
use App\Bridge\Plans\OutlookRefresh;
use App\Models\HeadSnapshot;
use App\Models\Salon;
use App\Models\StylistBias;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use Nagomi\Core\Estimation\ReadingNoise;
use Nagomi\Core\Estimation\ReadingNoiseEstimator;
use Nagomi\Core\Estimation\StylistBiasEstimator;
use Nagomi\Core\Readings\Sign;

/**
 * Estimates how a salon's stylists read, from what their readings said beside what was expected: how far above one
 * another, and how much they and the signs scatter; and stores it.
 */
final readonly class StylistBiasUpdate
{
    /** Training shows: what somebody read years ago says little of how that is read now. */
    private const MONTHS_LOOKED_BACK = 18;

    public function __construct(private SalonParameters $salonParameters, private OutlookRefresh $outlookRefresh)
    {
    }

    /** @return int how many ways of reading are known now */
    public function renew(Salon $salon): int
    {
        [$rows, $noises] = $this->estimated($salon);
        DB::transaction(function () use ($salon, $rows, $noises): void {
            $before = $this->stored($salon);
            StylistBias::query()->where('salon_id', $salon->id)->delete();
            StylistBias::query()->insert($rows);
            DB::table('salons')->where('id', $salon->id)->update([
                'reading_noise' => json_encode($noises, JSON_THROW_ON_ERROR),
            ]);
            $after = $this->stored($salon);
            // What a stylist reads counts for as much in every head: what is shown is what its record comes to.
            $changed = array_filter(
                array_unique([...array_keys($before), ...array_keys($after)]),
                fn (string $by): bool => ($before[$by] ?? []) !== ($after[$by] ?? []),
            );
            $this->outlookRefresh->ofHeadsReadBy($salon, array_values($changed));
        }, 5);

        return count($rows);
    }

    /** @return array{list<StoredBiasRow>, StoredReadingNoise} */
    private function estimated(Salon $salon): array
    {
        $known = [];
        foreach (StylistBias::query()->where('salon_id', $salon->id)->get() as $bias) {
            $known["{$bias->by} {$bias->sign}"] = $bias;
        }
        /** @var array<string, StylistBiasEstimator> $estimates */
        $estimates = $readers = [];
        $signs = $this->salonParameters->of($salon)->signs;
        $noise = new ReadingNoiseEstimator($signs);
        foreach ($this->days($salon) as $day) {
            $this->takeNoise($noise, $day, $known);
            foreach ($this->grouped($day->checks) as $sign => $checks) {
                $estimates[$sign] ??= new StylistBiasEstimator(Sign::from($sign), $signs);
                $readers[$sign] = ($readers[$sign] ?? []) + array_flip(array_column($checks, 'by'));
                $this->take($estimates[$sign], $checks, $known);
            }
        }
        $noises = $noise->noises();
        $rows = [];
        foreach ($estimates as $sign => $estimate) {
            $biases = array_column($estimate->biases(), null, 'by');
            foreach (array_keys($readers[$sign]) as $by) {
                $rows[] = [
                    'salon_id' => $salon->id, 'by' => (string) $by, 'sign' => $sign,
                    'mean' => $biases[$by]->mean ?? 0.0, 'sd' => $biases[$by]->sd ?? 0.0,
                    'noise_factor' => ReadingNoise::counted(
                        $noises['by'][$by] ?? null,
                        $noises['sign'][$sign] ?? null,
                    ),
                ];
            }
        }

        return [$rows, array_map(
            static fn (array $of): array => array_map(static fn (ReadingNoise $one): array => (array) $one, $of),
            $noises,
        )];
    }

    /** @return LazyCollection<int, HeadSnapshot> days with readings, as far back as is looked */
    private function days(Salon $salon): LazyCollection
    {
        return HeadSnapshot::query()->where('salon_id', $salon->id)->where('was_read', true)
            ->where('date', '>=', $salon->today()->subMonths(self::MONTHS_LOOKED_BACK)->format('Y-m-d'))
            ->select(['id', 'head_id', 'date', 'checks'])->lazyById(500);
    }

    /**
     * @param array<string, StylistBias> $known by stylist and sign, as it was taken into account already
     */
    private function takeNoise(ReadingNoiseEstimator $estimate, HeadSnapshot $day, array $known): void
    {
        foreach ($day->checks as $check) {
            $noise = (float) ($check['noise_sd'] ?? 0.0);
            // Of days stored before it was kept nothing is known; at the end of its scale nothing can be.
            if ($noise > 0.0 && $check['by'] !== '') {
                $factor = $known["{$check['by']} {$check['sign']}"]->noise_factor ?? 1.0;
                $estimate->read(
                    $check['by'],
                    $check['sign'],
                    $day->head_id,
                    (float) $check['surprise'],
                    max(0.0, $check['surprise_sd'] ** 2 - $noise ** 2),
                    ($noise / $factor) ** 2,
                );
            }
        }
    }

    /** @return array<string, array<string, array{float, float, float}>> mean, sd and noise by stylist and sign */
    private function stored(Salon $salon): array
    {
        $stored = [];
        foreach (StylistBias::query()->where('salon_id', $salon->id)->orderBy('sign')->get() as $bias) {
            $stored[$bias->by][$bias->sign] = [$bias->mean, $bias->sd, $bias->noise_factor];
        }

        return $stored;
    }

    /**
     * @param list<StoredCheck> $checks
     *
     * @return array<string, list<StoredCheck>> by sign, leaving out what did not fit and what nobody signed
     */
    private function grouped(array $checks): array
    {
        $grouped = [];
        foreach ($checks as $check) {
            if (! $check['again'] && $check['by'] !== '') {
                $grouped[$check['sign']][] = $check;
            }
        }

        return $grouped;
    }

    /**
     * Readings of the same head, moment and place by two stylists are compared with one another, the others with what
     * was expected.
     *
     * @param list<StoredCheck>          $checks of one head, day and sign
     * @param array<string, StylistBias> $known  bias that was taken off already, by stylist and sign
     */
    private function take(StylistBiasEstimator $estimate, array $checks, array $known): void
    {
        while (($check = array_shift($checks)) !== null) {
            $twice = null;
            foreach ($checks as $i => $other) {
                if (
                    $other['by'] !== $check['by']
                        && $other['moment'] === $check['moment']
                        && $other['zone'] === $check['zone']
                ) {
                    $twice = $other;
                    unset($checks[$i]);
                    break;
                }
            }
            $count = Sign::from($check['sign'])->isCount();
            if ($twice !== null && ! $count) {
                $estimate->readTwice(
                    $check['by'],
                    $twice['by'],
                    $check['value'] - $twice['value'],
                );
            } elseif ($check['surprise_sd'] > 0) {
                $taken = $known["{$check['by']} {$check['sign']}"]->mean ?? 0.0;
                $estimate->read(
                    $check['by'],
                    $check['surprise'] + $taken,
                    $check['surprise_sd'] ** 2,
                );
            }
        }
    }
}
