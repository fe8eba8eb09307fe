<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Models\Head;
use App\Models\Salon;
use Nagomi\Core\Products\Allergies;

/** What is written down under a client’s allergies, as the salon’s ingredient book understands it. */
final readonly class AllergyNotes
{
    public function __construct(private SalonIngredients $salonIngredients)
    {
    }

    /** Whether there are any: “none known” is none. */
    public function any(Head $head): bool
    {
        return ! $this->of($head)->isEmpty();
    }

    /** @return list<string> what names no ingredient that is known, as it was written */
    public function unread(Head $head): array
    {
        return $this->of($head)->unread;
    }

    private function of(Head $head): Allergies
    {
        /** @var Salon $salon */
        $salon = $head->loadMissing('salon')->salon;

        // Without a word there is nothing to look up, and most have none.
        return trim((string) $head->allergies) === ''
            ? Allergies::none()
            : Allergies::of((string) $head->allergies, $this->salonIngredients->of($salon));
    }
}
