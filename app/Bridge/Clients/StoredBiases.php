<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use App\Models\StylistBias as StoredBias;
use Nagomi\Core\Estimation\StylistBias;
use Nagomi\Core\Readings\Sign;

/** How the stylists of a salon read, each beside the others, from the book. */
final readonly class StoredBiases
{
    /**
     * @return list<StylistBias> of those who read this head; what the salon knows of others is not the client's to take
     *     away
     */
    public function ofReadersOf(Head $head): array
    {
        $readers = $head->readings->pluck('by')->unique();

        return array_values(array_filter(
            $this->of($head),
            fn (StylistBias $bias): bool => $readers->contains($bias->by),
        ));
    }

    /** @return list<StylistBias> */
    public function of(Head $head): array
    {
        $biases = [];
        foreach (
            StoredBias::query()->where('salon_id', $head->salon_id)->orderBy('by')->orderBy('sign')->get() as $bias
        ) {
            /** @var StoredBias $bias */
            $biases[] = new StylistBias(
                $bias->by,
                Sign::from($bias->sign),
                $bias->mean,
                $bias->sd,
                $bias->noise_factor,
            );
        }

        return $biases;
    }
}
