<?php

declare(strict_types=1);

namespace Nagomi\Core\Balance;

use DateTimeImmutable;

/** Writes the ledger while the filter runs. Every line is the difference of two roundings to a millionth. */
final class LedgerBook
{
    /** @var list<LedgerLine> */
    private array $lines = [];

    /** @var list<int> what has been booked so far, by index of the state, in millionths */
    private array $booked;

    public function __construct(private readonly Layout $layout)
    {
        $this->booked = array_fill(0, $layout->moistureFading, 0);
    }

    /** @param array<int, float> $mean the state's mean after what the line stands for */
    public function book(DateTimeImmutable $date, LedgerKind $kind, string $subject, array $mean, string $source = ''): void
    {
        $amounts = [];
        $any = $kind === LedgerKind::Opening || $kind === LedgerKind::Step;
        foreach ($this->booked as $index => $before) {
            $now = (int) round($mean[$index] * LedgerLine::MILLIONTHS);
            $amounts[intdiv($index, Layout::PER_STRATUM)][$index % Layout::PER_STRATUM] = $now - $before;
            $any = $any || $now !== $before;
            $this->booked[$index] = $now;
        }
        if ($any) {
            $this->lines[] = new LedgerLine($date, $kind, $subject, array_values($amounts), $source);
        }
    }

    /**
     * Books what was held at the edge of a scale, as a line of its own; $mean is what is left after.
     *
     * @param list<Limit> $limits
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
