<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Learning\LearnedKind;
use App\Bridge\Learning\LearnedNumber;
use App\Models\Learning;
use App\Models\Salon;
use App\Wording\KindWords;
use App\Wording\Words;
use Nagomi\Core\Parameters\Parameters;

/** How a learned number is said, with as many digits as anybody could read off hair. */
final readonly class LearnedWords
{
    public function __construct(private Parameters $parameters)
    {
    }

    public function name(LearnedNumber $number): string
    {
        return Words::say("learned.numbers.{$number->factor}.name");
    }

    /** @param float $value in the unit of the number */
    public function figure(LearnedNumber $number, float $value): string
    {
        return Words::rounded($value, match (true) {
            abs($number->shipped) < 2.0 => 2,
            abs($number->shipped) < 20.0 => 1,
            default => 0,
        });
    }

    /** @param float $value the same */
    public function with(LearnedNumber $number, float $value): string
    {
        return Words::say("learned.numbers.{$number->factor}.unit", ['number' => $this->figure($number, $value)]);
    }

    /** @return list<string> what a salon's records clearly say otherwise than it goes by, where nobody decided on it yet */
    public function differs(Salon $salon): array
    {
        $newest = Learning::query()->where('salon_id', $salon->id)->whereNotNull('factors')->where('heads', '>', 0)
            ->orderByDesc('id')->first();
        if ($newest?->factors === null || $newest->used_at !== null) {
            return [];
        }

        $numbers = array_map(fn (LearnedNumber $number): string => Words::say('learned.differs', [
            'name' => $this->name($number), 'here' => $this->with($number, $number->here),
            'shipped' => $this->with($number, $number->shipped),
        ]), LearnedNumber::clear($newest->factors, $salon->learned ?? [], $this->parameters));

        return [...$numbers, ...array_map(
            static fn (LearnedKind $kind): string => KindWords::otherwise($kind->rate, $kind->kind, $kind->times),
            LearnedKind::clear($newest->kinds ?? [], $salon->learned_kinds ?? []),
        )];
    }
}
