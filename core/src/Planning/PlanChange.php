<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** One thing done differently, to see what it would come to. */
enum PlanChange: string
{
    case WashEvery = 'wash-every';
    case MinutesLimit = 'minutes-limit';
    case Humidity = 'humidity';
    case Hardness = 'hardness';
    case MaskHeat = 'mask-heat';
    case Seal = 'seal';
    case PreWash = 'pre-wash';
    case Load = 'load';
    case Night = 'night';
    case NoProtein = 'no-protein';
    case NoMask = 'no-mask';

    public function unit(): string
    {
        return match ($this) {
            self::WashEvery => 'days',
            self::MinutesLimit => 'minutes',
            self::Humidity => '%',
            self::Hardness => 'mg/L',
            default => '',
        };
    }

    /** Whether the change is a number rather than a yes. */
    public function asksForNumber(): bool
    {
        return $this->unit() !== '';
    }

    /** Whether it is a habit or limit that somebody can change; air and water are as they are. */
    public function isChosen(): bool
    {
        return $this !== self::Humidity && $this !== self::Hardness && ! $this->leavesOut();
    }

    /** The change leaves a treatment out of the plan instead of changing the head's circumstances. */
    public function leavesOut(): bool
    {
        return $this === self::NoProtein || $this === self::NoMask;
    }

    /**
     * The same head under the change.
     *
     * @throws RefusedInput where the number is missing or outside its range
     */
    public function of(Head $head, ?float $number = null): Head
    {
        if ($this->asksForNumber() && $number === null) {
            throw new RefusedInput(Message::of("refusals.number-of.{$this->value}"));
        }
        $method = $this->method($head);

        return new Head(
            $head->zoneParts,
            $this === self::Hardness ? (float) $number : $head->hardnessMgPerL,
            $this === self::Humidity ? (float) $number : $head->humidityPercent,
            $this === self::Load
                ? ($head->load === StylingLoad::Light ? StylingLoad::Heavy : StylingLoad::Light)
                : $head->load,
            $head->proteinSensitive,
            $head->soreScalp,
            $head->swims,
            $head->lengthMm,
            $head->sections,
            $this === self::WashEvery ? self::whole($number) : $head->washEveryDays,
            $this === self::MinutesLimit ? self::whole($number) : $head->minutesLimit,
            new Method($method + $head->method->choices),
            $head->redSign,
            $head->parameters,
            $head->bornOn,
            $head->sectionsByWork,
            $head->tenderEdges,
            $head->curl,
        );
    }

    /** @return array<string, string> what is done in another way, by question */
    private function method(Head $head): array
    {
        return match ($this) {
            self::MaskHeat => [
                MethodQuestion::MaskHeat->value => $head->method->says(MethodQuestion::MaskHeat, 'body-heat')
                    ? 'cap-or-hood'
                    : 'body-heat',
            ],
            self::Seal => [
                MethodQuestion::Oils->value => $head->method->says(MethodQuestion::Oils, 'seal') ? 'none' : 'seal',
            ],
            self::PreWash => [
                MethodQuestion::PreWash->value => $head->method->says(MethodQuestion::PreWash, 'none') ? 'oil' : 'none',
            ],
            self::Night => [
                MethodQuestion::Night->value => $head->method->says(MethodQuestion::Night, 'cotton')
                    ? 'satin'
                    : 'cotton',
            ],
            default => [],
        };
    }

    /** @throws RefusedInput where it is none */
    private static function whole(?float $number): int
    {
        if ($number === null || floor($number) !== $number || abs($number) > 1000) {
            throw new RefusedInput(Message::of('refusals.whole-number'));
        }

        return (int) $number;
    }
}
