<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use App\Models\Salon;
use Nagomi\Core\Parameters\LearnedFactor;
use Nagomi\Core\Parameters\Parameters;

/** The numbers a salon goes by: those that ship, times what it took over of what its own records say. */
final class SalonParameters
{
    /** @var array<string, Parameters> by what was taken over: the same for whoever took over the same */
    private array $known = [];

    public function __construct(private readonly Parameters $shipped)
    {
    }

    public function of(Salon $salon): Parameters
    {
        $learned = $salon->learned ?? [];
        $kinds = $salon->learned_kinds ?? [];

        return $learned === []
            ? $this->shipped
            : $this->known[json_encode([$learned, $kinds], JSON_THROW_ON_ERROR)]
                ??= LearnedKind::applied($kinds, $this->times($learned));
    }

    /** @param array<string, float> $learned factors by name; of one that is no longer learned nothing is taken over */
    private function times(array $learned): Parameters
    {
        $parameters = $this->shipped;
        foreach (LearnedFactor::cases() as $factor) {
            $parameters = $factor->times((float) ($learned[$factor->value] ?? 1.0), $parameters);
        }

        return $parameters;
    }
}
