<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Imports\FilledContact;
use App\Bridge\Imports\FoundLine;
use App\Models\Booking;
use App\Models\Head;
use App\Models\Import;
use App\Models\Salon;
use App\Models\WashDay;
use App\Pages\Page;
use App\Wording\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** What a file holds, before anything of it is taken in; and what came of it, once it is. */
final readonly class ImportPage extends Page
{
    /** Enough to see whether it is read right; the rest folds away, and beyond some hundreds is only counted. */
    private const FIRST = 12;
    private const MOST = 400;

    /** @var list<FoundLine> what keeps a line out */
    public array $problems;

    /** @var list<FoundLine> what can be taken in */
    public array $good;

    /** Lines that come in if nobody asks for second copies. */
    public int $comes;

    /** Clients that are here and could come as a second copy. */
    public int $copies;

    public int $first;
    public int $most;
    public string $timezone;

    /** Clients who are here of whom the file knows what nobody has written down yet. */
    public int $fills;

    /** @var Collection<int, Head> whom something was brought for, once it is taken in */
    public Collection $people;

    /** Null: the file is no table, or it is taken in. */
    public ?ImportColumns $table;

    public function __construct(public Import $import, Salon $salon)
    {
        $lines = array_map(FoundLine::of(...), $import->found);
        $problems = array_values(array_filter($lines, static fn (FoundLine $line): bool => ! $line->isGood()));
        // What somebody left out by hand needs no more looking at: it stands below what does.
        $byHand = Words::say('import.left-by-hand');
        usort($problems, static fn (FoundLine $one, FoundLine $other): int => ($one->problems === [$byHand])
            <=> ($other->problems === [$byHand]));
        $this->problems = $problems;
        $this->good = array_values(array_filter($lines, static fn (FoundLine $line): bool => $line->isGood()));
        $this->comes = count(array_filter($this->good, static fn (FoundLine $line): bool => ! $line->here));
        $this->copies = count(array_filter(
            $this->good,
            static fn (FoundLine $line): bool => $line->here && in_array($line->kind, ['client', 'record'], true),
        ));
        $this->fills = count(array_filter(
            $this->good,
            static fn (FoundLine $line): bool => FilledContact::of($line->holds()) !== null,
        ));
        [$this->first, $this->most, $this->timezone] = [self::FIRST, self::MOST, $salon->timezone];
        $this->people = $this->peopleOf($import, $salon);
        $this->table = $import->tables === null ? null : new ImportColumns($import, $salon);
    }

    /** @return Collection<int, Head> by name */
    private function peopleOf(Import $import, Salon $salon): Collection
    {
        $made = static fn (string $what): array => array_map(strval(...), array_keys($import->made[$what] ?? []));

        return Head::query()
            ->where('salon_id', $salon->id)
            ->where(static fn (Builder $head): Builder => $head
                ->whereIn('id', $made('heads'))
                ->orWhereIn('id', Booking::query()->whereIn('id', $made('bookings'))->select('head_id'))
                ->orWhereIn('id', WashDay::query()->whereIn('id', $made('wash_days'))->select('head_id')))
            ->orderBy('name')
            ->limit(self::MOST)
            ->get(['id', 'salon_id', 'name']);
    }
}
