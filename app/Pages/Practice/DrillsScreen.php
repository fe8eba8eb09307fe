<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Bridge\Practice\DrillAsked;
use App\Bridge\Practice\Drills;
use App\Models\DrillCard;
use App\Models\User;
use App\Wording\Words;

/** Shows rounds of drills. */
final readonly class DrillsScreen
{
    public function __construct(private Drills $drills)
    {
    }

    /**
     * @param string|null        $kind   to drill; null: none is chosen
     * @param array<int, string> $marked answers of the last round, by item
     */
    public function of(User $user, ?string $kind, array $marked = []): DrillsPage
    {
        return new DrillsPage(
            kinds: $this->kinds($user),
            kind: $kind,
            questions: $kind === null || $marked !== [] ? [] : array_map(fn (DrillAsked $asked): array => [
                'item' => $asked->item, 'asks' => $this->asks($asked), 'choices' => $this->choices($asked),
            ], $this->drills->round($user, $kind)),
            marked: $kind === null ? [] : array_map(
                fn (int $item, string $answer): array => $this->marked($this->drills->question($kind, $item), $answer),
                array_keys($marked),
                $marked,
            ),
            seconds: Drills::SECONDS,
        );
    }

    /** @return list<string> kinds of drill */
    public function all(): array
    {
        return Drills::kinds();
    }

    /** @return list<array{kind: string, name: string, says: string, due: int}> */
    private function kinds(User $user): array
    {
        $cards = $this->drills->cards($user);
        $today = $user->salon->today()->format('Y-m-d');

        return array_map(function (string $kind) use ($cards, $today): array {
            $of = $cards->where('kind', $kind);
            $due = $of->filter(static fn (DrillCard $card): bool => $card->due_on->format('Y-m-d') <= $today)->count()
                + Drills::items() - $of->count();

            return [
                'kind' => $kind, 'name' => Words::say("practice.drills.kinds.{$kind}"), 'due' => $due,
                'says' => Words::say($due > 0 ? 'practice.drills.due' : 'practice.drills.none-due', [
                    'due' => $due, 'all' => Drills::items(),
                    'sure' => $of->filter(static fn (DrillCard $card): bool => $card->box >= Drills::BOXES)->count(),
                ]),
            ];
        }, Drills::kinds());
    }

    private function asks(DrillAsked $asked): string
    {
        $places = array_map(
            static fn (float|string $shown): string => is_string($shown) ? $shown : Words::number($shown),
            $asked->shows,
        );
        if ($asked->kind === 'doses') {
            $places['kind'] = Words::of("kinds.{$places['kind']}");
        }

        return Words::say("practice.drills.asks.{$asked->kind}", $places);
    }

    /** @return array<string, string> */
    private function choices(DrillAsked $asked): array
    {
        $words = [];
        foreach ($asked->choices as $choice) {
            $words[$choice] = $this->choice($asked, $choice);
        }

        return $words;
    }

    private function choice(DrillAsked $asked, string $choice): string
    {
        return match ($asked->kind) {
            'doses' => Words::say('practice.drills.dose', ['range' => str_replace(
                ['-', '.'],
                ['–', Words::say('core/wording.decimal-sign')],
                $choice,
            )]),
            'minutes' => Words::say('practice.tests.minutes', ['minutes' => $choice]),
            default => Words::say("practice.drills.choices.{$asked->kind}.{$choice}"),
        };
    }

    /** @return array{asks: string, was: string, right: string, isRight: bool} */
    private function marked(DrillAsked $asked, string $answer): array
    {
        return [
            'asks' => $this->asks($asked),
            'was' => in_array($answer, $asked->choices, true)
                ? $this->choice($asked, $answer)
                : Words::say('practice.drills.no-time'),
            'right' => $this->choice($asked, $asked->right),
            'isRight' => $answer === $asked->right,
        ];
    }
}
