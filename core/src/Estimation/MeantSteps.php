<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Closure;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\StratumEffect;
use Nagomi\Core\Treatments\TreatmentContext;

/**
 * What will come of steps that are planned: in the salon all of them, at home each by how often the client does what was
 * planned there. Who leaves out what clarifies cleanses as usual.
 *
 * @phpstan-type Chances non-empty-list<array{float, list<StratumEffect>}>
 */
final readonly class MeantSteps
{
    /**
     * @param list<Chances> $steps what may come of each, as planned first: probability, and effects one for each stratum
     * @param bool          $seals whether moisture is rather kept in by them than not
     */
    private function __construct(public array $steps, public bool $seals)
    {
    }

    /**
     * @param list<Step>      $steps
     * @param HomeHabits|null $habits of whoever does them at home; null: they are done in the salon
     */
    public static function of(Head $head, array $steps, ?HomeHabits $habits): self
    {
        return $habits === null
            ? self::sure($head, $steps)
            : self::perhaps($head, $steps, $habits, $habits->adherence->kept(...));
    }

    /**
     * As far as it differs from what comes of such steps with anybody.
     *
     * @param list<Step>      $steps
     * @param HomeHabits|null $habits as above
     */
    public static function besideAnybody(Head $head, array $steps, ?HomeHabits $habits): self
    {
        return $habits === null
            ? self::sure($head, $steps)
            : self::perhaps($head, $steps, $habits, $habits->adherence->keptBesideAnybody(...));
    }

    /** @param list<Step> $steps */
    private static function sure(Head $head, array $steps): self
    {
        $context = TreatmentContext::on($head, $steps);

        return new self(
            array_map(
                static fn (Step $step): array => [[1.0, Forecast::effects($head, $step, $context)]],
                $steps,
            ),
            TreatmentContext::seals($head, ...$steps),
        );
    }

    /**
     * @param list<Step>            $steps
     * @param Closure(Step): float $kept probability that it is done
     */
    private static function perhaps(Head $head, array $steps, HomeHabits $habits, Closure $kept): self
    {
        $context = TreatmentContext::on($head, $steps);
        $usual = Step::cleanse(CleanseKind::from($habits->usualCleanse()));

        return new self(
            array_map(static fn (Step $step): array => self::chances(
                [$kept($step), $step],
                $step->kind === StepKind::Cleanse ? $usual : null,
                $context,
                $step->kind === StepKind::Cleanse && $context->preWash !== null ? $kept($context->preWash) : 1.0,
            ), $steps),
            TreatmentContext::seals($head, ...array_filter(
                $steps,
                static fn (Step $step): bool => $kept($step) >= 0.5,
            )),
        );
    }

    /**
     * @param array{float, Step} $planned  how likely it is done, and the step
     * @param Step|null          $instead  what is done where it is left out; null: nothing
     * @param float              $preWashed probability that it was put on what is put on before
     *
     * @return Chances
     */
    private static function chances(array $planned, ?Step $instead, TreatmentContext $context, float $preWashed): array
    {
        [$kept, $step] = $planned;
        $chances = [];
        foreach ([[$kept, $step], [1 - $kept, $instead]] as [$chance, $done]) {
            $chances[] = [$chance * $preWashed, self::effects($done, $context)];
            $chances[] = [$chance * (1 - $preWashed), self::effects($done, new TreatmentContext($context->head))];
        }
        $likely = array_values(array_filter($chances, static fn (array $of): bool => $of[0] > 0.0));

        return $likely === [] ? [[1.0, self::effects($step, $context)]] : $likely;
    }

    /** @return list<StratumEffect> one for each stratum; of nothing none */
    private static function effects(?Step $step, TreatmentContext $context): array
    {
        return $step === null
            ? array_map(static fn (): StratumEffect => new StratumEffect(), $context->head->strata)
            : Forecast::effects($context->head, $step, $context);
    }
}
