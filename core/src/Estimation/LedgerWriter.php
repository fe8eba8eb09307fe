<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;

/** Writes the ledger while the filter runs. Every line is the difference of two roundings to a millionth. */
final class LedgerWriter
{
    /** @var list<LedgerLine> */
    private array $lines = [];

    /** @var list<int> what has been booked so far, by index of the state, in millionths */
    private array $booked;

    /** @param State $start where the book goes on from; an opening line books it in full first */
    public function __construct(State $start)
    {
        $this->booked = self::millionths($start);
    }

    /** @return list<int> */
    private static function millionths(State $state): array
    {
        return array_map(
            static fn (float $value): int => (int) round($value * LedgerLine::MILLIONTHS),
            array_slice(array_values($state->mean), 0, $state->layout->moistureFading),
        );
    }

    /**
     * The zones were sorted anew: what the old strata held is carried over, in a line that may have more strata than
     * before, or fewer.
     */
    public function remap(DateTimeImmutable $date, State $after): void
    {
        $now = self::millionths($after);
        $amounts = [];
        for ($index = 0; $index < max(count($now), count($this->booked)); $index++) {
            $amounts[] = ($now[$index] ?? 0) - ($this->booked[$index] ?? 0);
        }
        $this->lines[] = new LedgerLine(
            $date,
            LedgerKind::Remap,
            'zones sorted anew',
            array_chunk($amounts, StateLayout::PER_STRATUM),
        );
        $this->booked = $now;
    }

    /** @param array<int, float> $mean the state's mean after what the line stands for */
    public function book(
        DateTimeImmutable $date,
        LedgerKind $kind,
        string $subject,
        array $mean,
        string $source = '',
        ?float $asTold = null,
    ): void {
        $any = $kind === LedgerKind::Opening || $kind === LedgerKind::Step;
        if ($kind === LedgerKind::Opening) {
            $this->booked = array_fill(0, count($this->booked), 0);
        }
        $amounts = $stratum = $booked = [];
        foreach ($this->booked as $index => $before) {
            $now = (int) round($mean[$index] * LedgerLine::MILLIONTHS);
            $booked[] = $now;
            $stratum[] = $now - $before;
            $any = $any || $now !== $before;
            if (count($stratum) === StateLayout::PER_STRATUM) {
                $amounts[] = $stratum;
                $stratum = [];
            }
        }
        $this->booked = $booked;
        if ($any) {
            $this->lines[] = new LedgerLine($date, $kind, $subject, $amounts, $source, $asTold);
        }
    }

    /**
     * Books what was held at the edge of a scale, as a line of its own; $mean is what is left after.
     *
     * @param list<ScaleLimit> $limits
     * @param array<int, float> $mean
     */
    public function bookLimits(DateTimeImmutable $date, array $limits, array $mean): void
    {
        if ($limits !== []) {
            $this->book($date, LedgerKind::Limit, 'edge of the scale', $mean);
        }
    }

    /** @return list<LedgerLine> */
    public function lines(): array
    {
        return $this->lines;
    }
}
