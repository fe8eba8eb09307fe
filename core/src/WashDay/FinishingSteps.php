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
 * What is done after the last rinse, until the tools are clean. Common practice, no source, where nothing else is said.
 */
final readonly class FinishingSteps
{
    private const STYLING = [
        'rake' => 'Rake and smooth', 'coils' => 'Finger coils', 'twists' => 'Twists', 'braids' => 'Braids',
        'knots' => 'Knots', 'not-today' => 'Styled on the day after',
    ];
    private const FOR_THE_NIGHT = [
        'satin' => 'For the night: satin or silk, tied up loosely.',
        'cotton' => 'For the night on cotton: in loose plaits, as it rubs.',
    ];

    private WashDayParameters $usual;

    public function __construct(private Head $head)
    {
        $this->usual = $head->parameters->washDay;
    }

    public function squeeze(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Squeeze,
            'squeeze',
            'Squeeze with a cotton shirt or microfibre, never rub',
            $this->usual->handsMinutes['squeeze'],
        );
    }

    public function wrap(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Wrap,
            'wrap',
            'Wrap in a cotton shirt or microfibre',
            $this->usual->handsMinutes['wrap'],
            waitingMinutes: $this->usual->waitMinutes['wrap'],
        );
    }

    public function leaveIn(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::LeaveIn,
            'leave-in',
            'Leave-in on '
                . ($this->head->method->says(MethodQuestion::StylingOn, 'damp') ? 'damp' : 'dripping')
                . ' hair',
            $this->usual->handsMinutes['leave-in'],
            uses: ProductKind::of($step),
            books: $step,
        );
    }

    public function seal(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Seal,
            'seal',
            'Seal with oil or butter',
            $this->usual->handsMinutes['seal'],
            uses: ProductKind::of($step),
            books: $step,
        );
    }

    public function scalpOil(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::ScalpOil,
            'scalp-oil',
            'Scalp oil or spray along the partings, a little',
            $this->usual->handsMinutes['scalp-oil'],
            uses: ProductKind::of($step),
            watch: [Caution::EssentialOils->sentence()],
            books: $step,
        );
    }

    /** Keeps it damp until it is styled; on hair that is wet from the wash it changes nothing. */
    public function mist(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Mist,
            'mist',
            'Mist what has begun to dry',
            $this->usual->handsMinutes['mist'],
            watch: ['Water only; eyes and ears covered.'],
        );
    }

    /** @param float $times the usual minutes */
    public function style(StylingMethod $styling, float $times = 1.0): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Style,
            'style',
            self::STYLING[$styling->value] . ', water with every product',
            $times * $this->sections() * $styling->minutesASection($this->usual),
            $this->usual->spread['style'],
            bySection: true,
            uses: ProductKind::Styler,
            watch: [
                ...$this->head->tenderEdges ? ['Tender at the edges: no tension, the hairline stays loose.'] : [],
                self::FOR_THE_NIGHT[$this->head->method->choice(MethodQuestion::Night)],
            ],
            sections: $this->sections(),
        );
    }

    /** A second styler over the one that defines, to lock it. */
    public function lock(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Style,
            'style-lock',
            'Second styler to lock it: smooth over, scrunch out the excess',
            $this->sections() * $this->usual->sectionMinutes['locking'],
            bySection: true,
            uses: ProductKind::Styler,
            watch: ['In the palms with water first; what turns white and flakes does not go with the first.'],
            sections: $this->sections(),
        );
    }

    public function breakCast(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::BreakCast,
            'break-cast',
            'Scrunch the cast out, only when fully dry',
            $this->usual->handsMinutes['break-cast'],
        );
    }

    public function trim(Step $step): WashDayStep
    {
        $isStretched = $this->head->method->says(MethodQuestion::Trim, 'stretched');

        return new WashDayStep(
            WashStepKind::Trim,
            'trim',
            'Trim with sharp shears, ' . ($isStretched ? 'on stretched hair' : 'while it is detangled'),
            $this->usual->handsMinutes['trim'],
            watch: ['Knots, splits and thin tips first; shape only as agreed.'],
            books: $step,
        );
    }

    public function tools(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Tools,
            'tools',
            'Clean and disinfect combs, brushes and clips',
            $this->usual->handsMinutes['tools'],
            waitingMinutes: $this->usual->waitMinutes['tools'],
            watch: ['The full contact time of a registered disinfectant, before the next head; wipe the floor dry.'],
            afterClient: true,
        );
    }

    private function sections(): int
    {
        return $this->head->sectionsByWork->styling ?? $this->head->sections;
    }
}
