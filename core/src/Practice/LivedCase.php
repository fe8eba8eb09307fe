<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/**
 * A practice case out of hair that was really met: by its measures alone, which name nobody.
 *
 * @phpstan-import-type Hair from LivedHair
 */
final readonly class LivedCase
{
    /** A child of so many years, where it is one. */
    private const CHILD_YEARS = 8;

    private const MONEY = 240.0;
    private const TEST_MINUTES = 8;

    /** @param Hair $hair */
    public function __construct(private array $hair)
    {
    }

    /** @param int $seed of its luck */
    public function from(DateTimeImmutable $from, int $seed): PracticeCase
    {
        $head = $this->head($from);

        return new PracticeCase(
            $seed,
            $from,
            $head,
            $this->hair($head, new PracticeLuck($seed)),
            $this->scalp($head),
            $this->past($from),
            $this->hair['keeps'] / 100,
            (float) $this->hair['ring_mm'],
            new PracticeBudget(
                self::TEST_MINUTES,
                $this->hair['visit_minutes'],
                $this->hair['home_minutes'],
                self::MONEY,
            ),
        );
    }

    private function head(DateTimeImmutable $from): Head
    {
        return new Head(
            array_map(static fn (array $part): ZonePart => new ZonePart(
                Zone::from($part['zone']),
                Part::from($part['part']),
                Porosity::from($part['porosity']),
                StrandDiameter::from($part['strand']),
                $part['treated'],
            ), $this->hair['parts']),
            hardnessMgPerL: (float) $this->hair['hardness'],
            humidityPercent: (float) $this->hair['humidity'],
            load: StylingLoad::from($this->hair['load']),
            lengthMm: 10.0 * $this->hair['length_cm'],
            washEveryDays: $this->hair['wash_every'],
            method: new Method(['oils' => $this->hair['oils']]),
            bornOn: $this->hair['child'] ? $from->modify('-' . self::CHILD_YEARS . ' years') : null,
        );
    }

    /** As it was thought to stand, beside what it likes; its own ways are drawn, as of anybody. */
    private function hair(Head $head, PracticeLuck $luck): PracticeHair
    {
        $prior = Prior::of($head)->withSigns(PracticeReadings::signs());
        [$mean, $chance] = [$prior->mean, $luck->of('hair', 0)];
        foreach ($prior->mean as $i => $value) {
            $mean[$i] = $i < $prior->layout->moistureFading
                ? $value
                : $value + sqrt($prior->covariance[$i][$i]) * $chance->normal();
        }
        foreach ($head->strata as $s => $stratum) {
            [$moisture, $protein, $washable, $stubborn, $wear] = $this->hair['stands'][$s]
                ?? $this->hair['stands'][0];
            $mean[$prior->layout->of($s, StateLayout::MOISTURE)] = $stratum->targetMoisture() + $moisture;
            $mean[$prior->layout->of($s, StateLayout::PROTEIN)]
                = $stratum->targetProtein($head->proteinSensitive) + $protein;
            $mean[$prior->layout->of($s, StateLayout::WASHABLE)] = (float) $washable;
            $mean[$prior->layout->of($s, StateLayout::STUBBORN)] = (float) $stubborn;
            $mean[$prior->layout->of($s, StateLayout::WEAR)] = (float) $wear;
        }

        return (new PracticeHair(new State($prior->layout, $mean, $prior->covariance)))->settled();
    }

    private function scalp(Head $head): PracticeScalp
    {
        $mean = array_map(
            fn (float $usual, int $quantity): float => (float) ($this->hair['scalp'][$quantity] ?? $usual),
            ScalpState::usual($head->parameters->scalp)->mean,
            array_keys(ScalpState::usual($head->parameters->scalp)->mean),
        );

        return PracticeScalp::of($mean, oiled: $this->hair['oils'] !== 'none');
    }

    /** @return list<WashDay> */
    private function past(DateTimeImmutable $from): array
    {
        $past = [];
        foreach ($this->hair['past'] as $i => $wash) {
            $past[] = new WashDay("past-{$i}", $from->modify("-{$wash['days']} days"), array_values(array_filter([
                Step::cleanse(CleanseKind::from($wash['cleanse'])),
                $wash['protein'] ? Step::mildProtein(5) : null,
                $wash['mask'] ? Step::mask(20) : Step::conditioner(3),
            ])));
        }

        return $past;
    }
}
