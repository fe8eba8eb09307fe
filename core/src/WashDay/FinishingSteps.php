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
 * What is done after the last rinse, until the tools are clean. Common practice, no source, where nothing else is said.
 */
final readonly class FinishingSteps
{
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
            Message::of($this->head->method->says(MethodQuestion::StylingOn, 'damp')
                ? 'wash-day.squeeze'
                : 'wash-day.squeeze-after'),
            $this->usual->handsMinutes['squeeze'],
        );
    }

    public function wrap(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Wrap,
            'wrap',
            Message::of('wash-day.wrap'),
            $this->usual->handsMinutes['wrap'],
            waitingMinutes: $this->usual->waitMinutes['wrap'],
        );
    }

    public function leaveIn(Step $step): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::LeaveIn,
            'leave-in',
            Message::of($this->head->method->says(MethodQuestion::StylingOn, 'damp')
                ? 'wash-day.leave-in.damp'
                : 'wash-day.leave-in.dripping'),
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
            Message::of('wash-day.seal'),
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
            Message::of('wash-day.scalp-oil'),
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
            Message::of('wash-day.mist'),
            $this->usual->handsMinutes['mist'],
            watch: [Message::of('wash-day.watch.water-only')],
        );
    }

    /** @param float $times the usual minutes */
    public function style(StylingMethod $styling, float $times = 1.0): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Style,
            'style',
            Message::of("wash-day.style.{$styling->value}"),
            $times * $this->sections() * $styling->minutesASection($this->usual),
            $this->usual->spread['style'],
            bySection: true,
            uses: ProductKind::Styler,
            watch: [
                ...$this->head->tenderEdges ? [Message::of('wash-day.watch.no-tension')] : [],
                Message::of('wash-day.for-the-night.' . $this->head->method->choice(MethodQuestion::Night)),
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
            Message::of('wash-day.style-lock'),
            $this->sections() * $this->usual->sectionMinutes['locking'],
            bySection: true,
            uses: ProductKind::Styler,
            watch: [Message::of('wash-day.watch.in-the-palms')],
            sections: $this->sections(),
        );
    }

    /** Where nothing was put in that sets: hair in braids is damp within for longer than it looks. */
    public function feelDry(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::FeelDry,
            'feel-dry',
            Message::of('wash-day.feel-dry'),
            $this->usual->handsMinutes['feel-dry'],
        );
    }

    public function breakCast(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::BreakCast,
            'break-cast',
            Message::of('wash-day.break-cast'),
            $this->usual->handsMinutes['break-cast'],
        );
    }

    public function trim(Step $step): WashDayStep
    {
        $isStretched = $this->head->method->says(MethodQuestion::Trim, 'stretched');

        return new WashDayStep(
            WashStepKind::Trim,
            'trim',
            Message::of($isStretched ? 'wash-day.trim.stretched' : 'wash-day.trim.detangling'),
            $this->usual->handsMinutes['trim'],
            watch: [Message::of('wash-day.watch.trim')],
            books: $step,
        );
    }

    public function tools(): WashDayStep
    {
        return new WashDayStep(
            WashStepKind::Tools,
            'tools',
            Message::of('wash-day.tools'),
            $this->usual->handsMinutes['tools'],
            waitingMinutes: $this->usual->waitMinutes['tools'],
            watch: [Message::of('wash-day.watch.disinfectant')],
            afterClient: true,
        );
    }

    private function sections(): int
    {
        return $this->head->sectionsByWork->styling ?? $this->head->sections;
    }
}
