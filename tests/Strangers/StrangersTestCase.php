<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\Products\SalonIngredients;
use App\Models\Head;
use App\Models\Product;
use App\Models\Service;
use App\Models\WorkingHours;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Event;
use Illuminate\Testing\TestResponse;
use Nagomi\Core\Products\ProductKind;
use Tests\Feature\FeatureTestCase;

/** A salon with hours, services and a full shelf, into which strangers come. */
abstract class StrangersTestCase extends FeatureTestCase
{
    private const USUAL = [
        'Aqua, Cetearyl Alcohol, Glycerin, Behentrimonium Chloride, Phenoxyethanol',
        'Aqua, Glycerin, Cetyl Alcohol, Argania Spinosa Kernel Oil, Polyquaternium-7, Phenoxyethanol',
    ];

    /** Bottles that differ in what a step may ask for, the cheapest first. */
    private const SHELF = [
        'shampoo' => [
            'Aqua, Sodium Lauryl Sulfate, Sodium Chloride, Parfum', 'Aqua, Decyl Glucoside, Glycerin, Phenoxyethanol',
            'Aqua, Sodium Cocoyl Isethionate, Allantoin, Bisabolol, Phenoxyethanol',
        ],
        'clarifier' => [
            'Aqua, Sodium C14-16 Olefin Sulfonate, Cocamidopropyl Betaine, Phenoxyethanol',
            'Aqua, Sodium C14-16 Olefin Sulfonate, Disodium EDTA, Sodium Phytate, Citric Acid, Phenoxyethanol',
        ],
        'protein' => [
            'Aqua, Silk Amino Acids, Panthenol, Phenoxyethanol, Hydrolyzed Silk',
            'Aqua, Hydrolyzed Keratin, Hydrolyzed Wheat Protein, Cetearyl Alcohol, Phenoxyethanol',
        ],
        'mask' => [
            'Aqua, Cetearyl Alcohol, Hydrolyzed Keratin, Glycerin, Phenoxyethanol',
            'Aqua, Cetearyl Alcohol, Glycerin, Butyrospermum Parkii Butter, Behentrimonium Chloride, Phenoxyethanol',
        ],
    ];

    /** @var list<string> what was written to the log as an error */
    public array $logged = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware(\Illuminate\Routing\Middleware\ThrottleRequests::class);
        Event::listen(MessageLogged::class, function (MessageLogged $message): void {
            if (in_array($message->level, ['error', 'critical', 'alert', 'emergency', 'warning'], true)) {
                $this->logged[] = "{$message->level}: {$message->message}";
            }
        });
        foreach (range(1, 7) as $weekday) {
            WorkingHours::query()->create([
                'salon_id' => $this->salon->id, 'user_id' => $this->stylist->id, 'weekday' => $weekday,
                'from_minute' => 420, 'until_minute' => 1320,
            ]);
        }
        $services = [
            ['Wash day', true, 120, null],
            ['Dry cut', false, 45, 'trim'],
            ['Braids out', false, 60, 'take-down'],
        ];
        foreach ($services as [$name, $isWash, $minutes, $does]) {
            (new Service())->forceFill([
                'salon_id' => $this->salon->id, 'name' => $name, 'is_wash_day' => $isWash, 'minutes' => $minutes,
                'price_cents' => 5000, 'does' => $does,
            ])->save();
        }
        $book = app(SalonIngredients::class)->of($this->salon);
        foreach (ProductKind::cases() as $kind) {
            foreach (self::SHELF[$kind->value] ?? self::USUAL as $i => $ingredients) {
                (new Product())->forceFill([
                    'salon_id' => $this->salon->id, 'name' => "Bottle {$i} of {$kind->value}", 'kind' => $kind->value,
                    'ingredients' => $ingredients, 'claims' => [], 'size_ml' => 500, 'left_ml' => 300,
                    'reading' => app(SalonIngredients::class)->read($ingredients, $book),
                    'price_cents' => 1000 + 100 * $i,
                ])->save();
            }
        }
        $this->actingAs($this->stylist);
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer
     */
    public function fine(TestResponse $answer, string $what): void
    {
        $status = $answer->baseResponse->getStatusCode();
        expect($status)->toBeLessThan(
            500,
            "{$what} answered {$status}: " . implode(' | ', array_slice($this->logged, 0, 2)),
        )
            ->and($this->logged)->toBe([], "{$what} wrote to the log");
    }

    public function service(string $name): Service
    {
        return Service::query()->where('salon_id', $this->salon->id)->where('name', $name)->sole();
    }

    public function newest(): Head
    {
        return Head::query()
            ->where('salon_id', $this->salon->id)
            ->latest('created_at')
            ->orderByDesc('id')
            ->firstOrFail();
    }
}
