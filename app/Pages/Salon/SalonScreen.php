<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Salon;
use App\Wording\Money;
use Nagomi\Core\Climate\WeatherFile;
use Nagomi\Core\Head\MethodQuestion;

/** What a salon does by default, as its form shows it. */
final readonly class SalonScreen
{
    public function __construct(
        private SalonForm $salonForm,
    ) {
    }

    public function of(Salon $salon): SalonPage
    {
        return new SalonPage(
            salon: $salon,
            seen: $this->salonForm->seen($salon),
            questions: MethodQuestion::cases(),
            currencies: Money::currencies(),
            weatherHeader: WeatherFile::HEADER,
        );
    }
}
