<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Clients\ConsentText;
use App\Models\ConsentPurpose;
use App\Models\Salon;
use App\Wording\MessageLanguage;

/** The words of each agreement in each language clients are written to. */
final readonly class ConsentWordingScreen
{
    public function of(Salon $salon): ConsentWordingPage
    {
        $texts = [];
        foreach (ConsentPurpose::cases() as $purpose) {
            foreach (MessageLanguage::NAMES as $language => $name) {
                $texts[] = [
                    'text' => ConsentText::of($salon, $purpose, $language),
                    'field' => ConsentText::field($purpose, $language), 'language' => $name,
                ];
            }
        }

        return new ConsentWordingPage(texts: $texts);
    }
}
