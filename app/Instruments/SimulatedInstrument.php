<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Bridge\Clients\SalonClimate;
use App\Wording\Words;
use Nagomi\Core\Climate\MoistureRegain;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Statistics\SeededRandom;

/**
 * Ships in place of a device: reads a made-up head’s hidden truth with noise, and now and then fails as devices do. The
 * relations are invented for the demo.
 */
final class SimulatedInstrument implements Instrument
{
    private const TIMES_OUT = 0.06;
    private const BATTERY_IS_LOW = 0.03;

    /** Steps of a hardness strip's colours, mg/L. */
    private const STRIP = [0, 25, 50, 120, 180, 250, 425];

    private bool $open = false;

    public function __construct(
        private readonly Device $device,
        private readonly ?HiddenHead $head,
        private readonly SeededRandom $chance,
        private readonly Parameters $parameters,
    ) {
    }

    public function open(): void
    {
        if ($this->head === null) {
            throw InstrumentFault::nothingToRead($this->name());
        }
        if ($this->chance->happens(self::BATTERY_IS_LOW)) {
            throw InstrumentFault::lowBattery($this->name(), $this->chance->between(1, 4));
        }
        $this->open = true;
    }

    public function read(): array
    {
        if (! $this->open || $this->head === null || $this->chance->happens(self::TIMES_OUT)) {
            throw InstrumentFault::timeout($this->name());
        }

        return match ($this->device) {
            Device::MoistureMeter => [
                'percent' => $this->rounded(
                    MoistureRegain::percentAt($this->humidity()) + 0.08 * (
                        $this->head->moisture - 60
                    ) + 0.02 * $this->head->buildUp,
                    0.6,
                    0.1,
                ),
            ],
            Device::CombForceGauge => [
                'newton' => $this->rounded(
                    1.5 + 0.06 * $this->head->wear + 0.05 * max(0.0, 65 - $this->head->moisture),
                    0.4,
                    0.1,
                ),
            ],
            Device::Scale => $this->weights(),
            Device::HardnessStripReader => [
                'mg_per_l' => $this->strip($this->head->head->hardness() + $this->chance->normal(0, 12)),
            ],
            Device::WeatherStation => [
                'celsius' => $this->rounded(20.5, 1.0, 0.1),
                'humidity_percent' => min(100.0, $this->rounded($this->humidity(), 2.0, 1.0)),
            ],
        };
    }

    public function close(): void
    {
        $this->open = false;
    }

    private function name(): string
    {
        return Words::of("devices.{$this->device->value}");
    }

    /** @return array<string, float> a week's ball of shed hair; a section dry and wet */
    private function weights(): array
    {
        $head = $this->head?->head;
        $hairGrams = M_PI / 4 * 0.007 ** 2 * $this->parameters->readings->hairDensityGPerCm3 * (
            $head?->length() ?? $this->parameters->model->lengthNotMeasuredMm
        ) / 10;
        $dry = $this->rounded(8.0, 1.0, 0.1);

        return [
            'mass_g' => $this->rounded(500 * $hairGrams, 0.08, 0.1),
            'dry_g' => $dry,
            'wet_g' => $dry + $this->rounded(0.6 * $dry, 0.5, 0.1),
        ];
    }

    private function humidity(): float
    {
        $salon = $this->head?->salon;
        $year = $salon === null ? [] : app(SalonClimate::class)->year($salon);

        return $salon === null ? 50.0 : $year[$salon->today()->format('m-d')] ?? $salon->humidity_percent;
    }

    private function strip(float $hardness): float
    {
        $nearest = self::STRIP[0];
        foreach (self::STRIP as $step) {
            $nearest = abs($step - $hardness) < abs($nearest - $hardness) ? $step : $nearest;
        }

        return (float) $nearest;
    }

    private function rounded(float $value, float $noise, float $step): float
    {
        return round(max(0.0, round(($value + $this->chance->normal(0, $noise)) / $step) * $step), 1);
    }
}
