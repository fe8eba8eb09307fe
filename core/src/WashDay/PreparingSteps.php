<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Safety\Caution;
use Nagomi\Core\Treatments\Step;

/**
 * What is done before the water: take-down, pre-wash, parting; and detangling whenever it is done. Common practice, no
 * source, where nothing else is said.
 */
final readonly class PreparingSteps
{
    private const PRE_WASH = [
        'oil' => 'Pre-wash oil', 'conditioner' => 'Conditioner as a pre-wash', 'mix' => 'Pre-wash mix',
    ];

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
            'Set up and look at scalp and hair',
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
            'Take the old style down, oil on what is matted',
            $minutes,
            $this->usual->spread['detangle'],
            watch: [
                'From the ends upward; what has grown together is oiled and left a while, never pulled.',
                ...$this->atTheEdges('no pulling at the hairline; what does not come loose is oiled and waited for.'),
            ],
        );
    }

    public function preWash(Step $step): WashDayStep
    {
        $least = $this->usual->preWashMinutes[$step->how === 'oil' ? 'oil' : 'other'];

        return new WashDayStep(
            WashStepKind::PreWash,
            'pre-wash',
            self::PRE_WASH[$step->how ?? 'mix'] . ': ends first, keep off the scalp',
            $this->usual->handsMinutes['pre-wash'],
            waitingMinutes: $step->minutes ?? $least,
            uses: ProductKind::of($step),
            watch: [$step->how === 'oil'
                ? '1 to 2 mL are plenty: more needs more shampoo.'
                : 'Under a cap, so that it does not dry in.'],
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
            'Put on the evening before: skip this where it was not',
            0.0,
            books: $step,
        );
    }

    public function part(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Part,
            'section',
            $this->head->sections === 1
                ? 'Leave the hair in one section, clipped back'
                : "Part into {$this->head->sections} sections, clip each",
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
            ...$this->atTheEdges('no pulling, loosen the clip.'),
            'Water before more product; massage a knot apart, snip it last.',
        ];
        if (! $isDry && $this->head->method->says(MethodQuestion::WetHair, 'wet-breaks')) {
            $watch[] = 'Wet, it breaks soonest: no pulling, fingers where a comb halts.';
        }

        return new WashDayStep(
            WashStepKind::Detangle,
            'detangle',
            'Detangle from the ends upward, held above the knot',
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

    /** @return list<string> nothing where they are not tender */
    private function atTheEdges(string $how): array
    {
        return $this->head->tenderEdges ? ["Tender at the edges: {$how}"] : [];
    }
}
