<?php

declare(strict_types=1);

namespace Tests\Cluster;

use App\Care\Programs\AccessTokens;
use App\Models\Product;
use App\Models\Service;
use App\Models\TokenAbility;
use RuntimeException;
use Tests\Together\Device;
use Tests\Together\SalonOfManyHands;

/** One of the salons that the errands are about, with what they ask for. */
final readonly class TriedSalon
{
    private const HEADS = 4;
    private const PRODUCTS = 3;

    /**
     * @param list<string> $heads    ids of clients
     * @param list<string> $washes   paths to which a wash that is running takes its acts
     * @param list<string> $products ids
     * @param string       $token    of another program, that may do everything
     */
    private function __construct(
        public SalonOfManyHands $house,
        public array $heads,
        public array $washes,
        public array $products,
        public string $token,
        public int $serviceId,
    ) {
    }

    public static function open(string $url): self
    {
        $house = SalonOfManyHands::open();
        $device = (new Device($url))->signIn($house->stylist->email, SalonOfManyHands::PASSWORD);
        $heads = $washes = $products = [];
        for ($n = 0; $n < self::HEADS; $n++) {
            $head = $house->aHead();
            $heads[] = $head->id;
            $answer = $device->now('POST', "/clients/{$head->id}/wash");
            if ($answer->status !== 302) {
                throw new RuntimeException("A wash could not be begun: {$answer->status} {$answer->body}");
            }
            $washes[] = "/clients/{$head->id}/wash/{$head->washSessions()->sole()->id}/acts";
        }
        for ($n = 0; $n < self::PRODUCTS; $n++) {
            $product = (new Product())->forceFill([
                'salon_id' => $house->salon->id, 'name' => "Plain mask {$n}", 'kind' => 'mask', 'ingredients' => '',
                'reading' => [], 'claims' => [], 'size_ml' => 500, 'left_ml' => 0,
            ]);
            $product->save();
            $products[] = $product->id;
        }

        return new self(
            $house,
            $heads,
            $washes,
            $products,
            app(AccessTokens::class)->give($house->stylist, 'Website', TokenAbility::cases(), 30),
            Service::query()->where('salon_id', $house->salon->id)->sole()->id,
        );
    }
}
