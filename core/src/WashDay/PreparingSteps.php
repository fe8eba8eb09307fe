<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Safety\Caution;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Wording\Message;

/**
 * What is done before the water: take-down, pre-wash, parting; and detangling whenever it is done. Common practice, no
 * source, where nothing else is said.
 */
final readonly class PreparingSteps
{
    private WashDayParameters $usual;

    public function __construct(private Head $head, private Pace $pace)
    {
        $this->usual = $head->parameters->washDay;
    }

    public function ready(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Ready,
            'ready',
            Message::of('wash-day.ready'),
            $this->usual->handsMinutes['ready'],
            watch: [Caution::Refer->sentence()],
        );
    }

    /** @param float $minutes that the worn style takes to come down */
    public function takeDown(float $minutes): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::TakeDown,
            'take-down',
            Message::of('wash-day.take-down'),
            $minutes,
            $this->usual->spread['detangle'],
            watch: [
                Message::of('wash-day.watch.take-down'),
                ...$this->atTheEdges('wash-day.watch.edges-take-down'),
            ],
        );
    }

    public function preWash(Step $step): WashDayStep
    {
        $least = $this->usual->preWashMinutes[$step->how === 'oil' ? 'oil' : 'other'];

        return new WashDayStep(
            WashStepKind::PreWash,
            'pre-wash',
            Message::of('wash-day.pre-wash.' . ($step->how ?? 'mix')),
            $this->usual->handsMinutes['pre-wash'],
            waitingMinutes: $step->minutes ?? $least,
            uses: ProductKind::of($step),
            watch: [Message::of($step->how === 'oil' ? 'wash-day.watch.oil' : 'wash-day.watch.under-a-cap')],
            books: $step,
            // Planned shorter than the trade says, it was planned so for a reason.
            leastMinutes: min($step->minutes ?? $least, $least),
        );
    }

    /** It has sat over night: nothing is left but to ask, and to rinse it out with the rest. */
    public function preWashBefore(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::PreWash,
            'pre-wash-before',
            Message::of('wash-day.pre-wash-evening.' . ($step->how ?? 'mix')),
            0.0,
            books: $step,
        );
    }

    public function part(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Part,
            'section',
            Message::of('wash-day.part', count: $this->head->sections),
            $this->head->sections * $this->usual->sectionMinutes['section'],
            beside: true,
            bySection: true,
            sections: $this->head->sections,
        );
    }

    /** @param string $when an answer to the question when to detangle */
    public function detangle(Step $step, string $when): WashDayStep
    {
        $isDry = $when === 'dry-with-oil';
        $watch = [
            ...$this->atTheEdges('wash-day.watch.edges-detangling'),
            Message::of($isDry ? 'wash-day.watch.detangling-dry' : 'wash-day.watch.detangling'),
        ];
        if (! $isDry && $this->head->method->says(MethodQuestion::WetHair, 'wet-breaks')) {
            $watch[] = Message::of('wash-day.watch.wet-breaks');
        }

        return new WashDayStep(
            WashStepKind::Detangle,
            'detangle',
            Message::of("wash-day.detangle-when.{$when}"),
            $this->pace->detanglingMinutes($this->head, $step),
            $this->pace->detangling->spread($this->pace->dayOf($step)),
            beside: $when === 'under-conditioner' || $isDry,
            bySection: true,
            tool: $step->tool,
            watch: $watch,
            books: $step,
            sections: $this->head->sectionsByWork->detangling ?? $this->head->sections,
        );
    }

    /** @return list<Message> nothing where they are not tender */
    private function atTheEdges(string $key): array
    {
        return $this->head->tenderEdges ? [Message::of($key)] : [];
    }
}
