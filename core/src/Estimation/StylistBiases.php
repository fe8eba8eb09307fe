<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use Nagomi\Core\Readings\Sign;

/** The biases of a salon's stylists, found by who read what. */
final readonly class StylistBiases
{
    /** @var array<string, StylistBias> */
    private array $biases;

    /** @param list<StylistBias> $biases */
    public function __construct(array $biases)
    {
        $found = [];
        foreach ($biases as $bias) {
            $found["{$bias->by}\n{$bias->sign->value}"] = $bias;
        }
        $this->biases = $found;
    }

    public function of(string $by, Sign $sign): ?StylistBias
    {
        return $this->biases["{$by}\n{$sign->value}"] ?? null;
    }
}
