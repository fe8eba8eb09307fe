<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Models\DrillCard;
use App\Models\User;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Practice\Drill;
use Nagomi\Core\Practice\DrillKind;

/** Rounds of questions: what is due first, then what was never asked. */
final readonly class Drills
{
    public const SECONDS = 60;
    public const A_ROUND = 6;
    public const BOXES = 5;

    public function __construct(private Parameters $parameters)
    {
    }

    /** @return list<string> kinds of drill */
    public static function kinds(): array
    {
        return array_map(static fn (DrillKind $kind): string => $kind->value, DrillKind::cases());
    }

    public static function items(): int
    {
        return DrillKind::ITEMS;
    }

    /** @return DrillAsked the question, with what is right of it */
    public function question(string $kind, int $item): DrillAsked
    {
        // By what ships: a question is the same for everybody.
        $asked = (new Drill($this->parameters))->of(DrillKind::from($kind), $item);

        return new DrillAsked($kind, $item, $asked->shows, $asked->choices, $asked->right);
    }

    /** @return list<DrillAsked> of the next round; none where nothing is due today */
    public function round(User $user, string $kind): array
    {
        $cards = $this->cards($user, $kind);
        $today = $user->salon->today()->format('Y-m-d');
        $due = $cards->filter(static fn (DrillCard $card): bool => $card->due_on->format('Y-m-d') <= $today)
            ->sortBy(static fn (DrillCard $card): string => $card->due_on->format('Y-m-d') . " {$card->box}")
            ->map(static fn (DrillCard $card): int => $card->item)->values()->all();
        $new = array_diff(range(0, self::items() - 1), $cards->map(
            static fn (DrillCard $card): int => $card->item,
        )->all());
        // Not in an order that gives away what is right.
        usort($new, static fn (int $one, int $other): int => crc32("{$kind} {$one}") <=> crc32("{$kind} {$other}"));

        return array_map(
            fn (int $item): DrillAsked => $this->question($kind, $item),
            array_slice([...$due, ...$new], 0, self::A_ROUND),
        );
    }

    /** @return Collection<int, DrillCard> */
    public function cards(User $user, ?string $kind = null): Collection
    {
        /** @var Collection<int, DrillCard> */
        return DrillCard::query()->where('salon_id', $user->salon_id)->where('user_id', $user->id)
            ->when($kind !== null, static fn ($cards) => $cards->where('kind', $kind))->orderBy('item')->get();
    }
}
