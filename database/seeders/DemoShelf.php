<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bridge\Products\SalonIngredients;
use App\Care\Products\Stockroom;
use App\Models\Product;
use App\Models\Salon;

/** The shelf of the invented studio: plain names that say what is in the bottle. Nobody makes these. */
final class DemoShelf
{
    /** Name, kind, list, size in mL, price in cents, press of the pump in mL, what the label says. */
    private const PRODUCTS = [
        [
            'Oat and oil pre-wash',
            'pre-wash',
            'Olea Europaea Fruit Oil, Cocos Nucifera Oil, Avena Sativa Kernel Extract, Tocopherol',
            250,
            1490,
            null,
            ['moisturising'],
        ],
        [
            'Quiet shampoo',
            'shampoo',
            'Aqua, Cocamidopropyl Betaine, Sodium Cocoyl Isethionate, Glycerin, Decyl Glucoside, Panthenol, '
                . 'Citric Acid, Sodium Benzoate, Potassium Sorbate',
            500,
            1290,
            2.0,
            ['gentle', 'sulfate-free', 'fragrance-free'],
        ],
        [
            'Harbour foam shampoo',
            'shampoo',
            'Aqua, Sodium Laureth Sulfate, Cocamide MEA, Sodium Chloride, Parfum, Limonene, Linalool, '
                . 'Methylisothiazolinone',
            1000,
            890,
            2.5,
            ['gentle'],
        ],
        [
            'Creamy co-wash',
            'co-wash',
            'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Cocamidopropyl Betaine, Glycerin, Aloe '
                . 'Barbadensis Leaf Juice, Phenoxyethanol, Ethylhexylglycerin',
            500,
            1390,
            4.0,
            ['gentle', 'silicone-free'],
        ],
        [
            'Hard water clarifier',
            'clarifier',
            'Aqua, Sodium C14-16 Olefin Sulfonate, Cocamidopropyl Betaine, Disodium EDTA, Sodium Phytate, '
                . 'Citric Acid, Phenoxyethanol',
            500,
            1590,
            2.0,
            ['clarifying'],
        ],
        [
            'Wheat and keratin treatment',
            'protein',
            'Aqua, Hydrolyzed Wheat Protein, Hydrolyzed Keratin, Cetearyl Alcohol, Behentrimonium '
                . 'Methosulfate, Phenoxyethanol',
            300,
            2290,
            null,
            ['strengthening'],
        ],
        [
            'Silk rinse',
            'protein',
            'Aqua, Silk Amino Acids, Panthenol, Lactic Acid, Phenoxyethanol, Hydrolyzed Silk',
            300,
            1690,
            5.0,
            ['strengthening', 'for-low-porosity'],
        ],
        [
            'Slip conditioner',
            'conditioner',
            'Aqua, Cetearyl Alcohol, Behentrimonium Methosulfate, Glycerin, Althaea Officinalis Root '
                . 'Extract, Ulmus Fulva Bark Extract, Phenoxyethanol, Parfum',
            1000,
            1490,
            4.0,
            ['silicone-free', 'moisturising'],
        ],
        [
            'Deep mask with shea',
            'mask',
            'Aqua, Cetearyl Alcohol, Butyrospermum Parkii Butter, Glycerin, Persea Gratissima Oil, '
                . 'Behentrimonium Chloride, Mel, Phenoxyethanol, Benzyl Alcohol',
            500,
            2490,
            null,
            ['for-high-porosity', 'moisturising'],
        ],
        [
            'Light honey mask',
            'mask',
            'Aqua, Mel, Cetyl Alcohol, Cetrimonium Chloride, Panthenol, Hydrolyzed Rice Protein, Phenoxyethanol',
            500,
            2190,
            null,
            ['for-low-porosity', 'protein-free'],
        ],
        [
            'Milk leave-in',
            'leave-in',
            'Aqua, Glycerin, Cetyl Alcohol, Argania Spinosa Kernel Oil, Panthenol, Polyquaternium-7, Phenoxyethanol',
            250,
            1690,
            1.5,
            ['moisturising'],
        ],
        [
            'Flaxseed gel',
            'styler',
            'Aqua, Linum Usitatissimum Seed Extract, Aloe Barbadensis Leaf Juice, Xanthan Gum, Sodium '
                . 'Benzoate, Potassium Sorbate',
            500,
            1190,
            3.0,
            ['silicone-free', 'alcohol-free'],
        ],
        [
            'Firm gel',
            'styler',
            'Aqua, PVP, Alcohol Denat., Amodimethicone, Glycerin, Carbomer, Triethanolamine, DMDM Hydantoin, Parfum',
            500,
            990,
            3.0,
            ['alcohol-free'],
        ],
        [
            'Castor and shea seal',
            'oil',
            'Ricinus Communis Seed Oil, Butyrospermum Parkii Butter, Simmondsia Chinensis Seed Oil, '
                . 'Lavandula Angustifolia Oil, Linalool',
            120,
            1390,
            0.5,
            ['for-high-porosity'],
        ],
        [
            'Mint scalp spray',
            'scalp-care',
            'Aqua, Hamamelis Virginiana Water, Glycerin, Mentha Piperita Oil, Polysorbate 20, Menthol, Sodium Benzoate',
            150,
            1290,
            0.2,
            [],
        ],
    ];

    public static function fill(Salon $salon, string $by): void
    {
        $book = app(SalonIngredients::class)->of($salon);
        foreach (self::PRODUCTS as $i => [$name, $kind, $list, $size, $price, $pump, $claims]) {
            $product = (new Product())->forceFill([
                'salon_id' => $salon->id,
                'name' => $name,
                'kind' => $kind,
                'ingredients' => $list,
                'reading' => app(SalonIngredients::class)->read($list, $book),
                'claims' => $claims,
                'size_ml' => $size,
                'pump_ml' => $pump,
                'price_cents' => $price,
                'opened_on' => $salon->today()->subDays(20 + 17 * $i)->format('Y-m-d'),
                'months_open' => $i % 3 === 0 ? 6 : 12,
                'batch' => sprintf('L%02d-%03d', $i + 3, 7 * $i + 11),
            ]);
            $product->save();
            app(Stockroom::class)->counted($product, round($size * (0.15 + 0.06 * $i), 0), $by);
        }
    }
}
