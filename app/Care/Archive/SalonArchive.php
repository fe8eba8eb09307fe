<?php

declare(strict_types=1);

namespace App\Care\Archive;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Readings\MeasuredSigns;
use App\Bridge\Scheduling\PricedVisits;
use App\Bridge\Tables\CsvTable;
use App\Care\Clients\PictureFiles;
use App\Care\DataTransfer\ClientCards;
use App\Care\DataTransfer\ProductCsv;
use App\Models\Booking;
use App\Models\Head;
use App\Models\Picture;
use App\Models\Reading;
use App\Models\Salon;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Nagomi\Core\Record\CareRecordWriter;
use RuntimeException;
use ZipArchive;

/**
 * Everything a salon has written down, in formats others can read: care records as JSON, clients as vCard, the rest as
 * CSV.
 */
final readonly class SalonArchive
{
    private const COLUMNS = [
        'head', 'name', 'born_on', 'household', 'length_mm', 'density', 'porosity', 'wash_every_days', 'verdict',
    ];

    public function __construct(
        private ClientCards $clientCards,
        private HeadRecord $headRecord,
        private ProductCsv $productCsv,
        private MeasuredSigns $measuredSigns,
        private SalonDump $salonDump,
        private PictureFiles $pictureFiles,
    ) {
    }

    /** @return string path of a file that the caller sends and deletes */
    public function ofSalon(Salon $salon): string
    {
        $file = $this->file();
        $zip = $this->zip($file);
        $heads = Head::query()
            ->with(['salon', 'zoneParts', 'outlook:head_id,salon_id,as_of,verdict'])
            ->where('salon_id', $salon->id)
            ->orderBy('name')
            ->lazy(50);
        $rows = [];
        $cards = '';
        /** @var iterable<Head> $heads */
        foreach ($heads as $head) {
            $zip->addFromString(
                'records/' . (Str::slug($head->name) ?: 'head') . "-{$head->id}.json",
                CareRecordWriter::write($this->headRecord->of($head)),
            );
            $cards .= $this->clientCards->write([$head]);
            $rows[] = $this->row($head);
            $head->setRelations([]);
        }
        $zip->addFromString('clients.vcf', $cards);
        $zip->addFromString(
            'heads.csv',
            CsvTable::csv(self::COLUMNS, $rows),
        );
        $zip->addFromString('readings.csv', $this->readings($salon));
        $zip->addFromString('bookings.csv', $this->bookings($salon));
        ob_start();
        $this->productCsv->write($salon);
        $zip->addFromString('products.csv', (string) ob_get_clean());
        $zip->addFile(base_path('docs/care-record.schema.json'), 'care-record.schema.json');
        $zip->addFromString('README.txt', Words::say('data-transfer.about'));
        $parts = $this->salonDump->into($zip, $salon);
        $zip->close();
        array_map(unlink(...), $parts);

        return $file;
    }

    /** @return list<string|int|float|null> in the order of the columns */
    private function row(Head $head): array
    {
        return [
            $head->id,
            $head->name,
            $head->born_on?->format('Y-m-d'),
            $head->household,
            $head->length_mm,
            $head->density,
            $head->zoneParts->unique('porosity')->implode('porosity', ' '),
            $head->wash_every_days,
            $head->outlook === null ? null : Said::of($head->outlook->verdict),
        ];
    }

    /**
     * All of one client, for whoever it is about.
     *
     * @param array<string, string> $beside files that go along, by name
     *
     * @return string path of a file that the caller sends and deletes
     */
    public function ofHead(Head $head, array $beside = []): string
    {
        $file = $this->file();
        $zip = $this->zip($file);
        $zip->addFromString('care-record.json', CareRecordWriter::write($this->headRecord->of($head)));
        foreach ($beside as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->addFromString('client.vcf', $this->clientCards->write([$head]));
        $zip->addFromString('readings.csv', $this->readings($head->salon, $head));
        $zip->addFromString('bookings.csv', $this->bookings($head->salon, $head));
        /** @var iterable<Picture> $pictures */
        // A file that was lost does not keep the rest from whom it belongs to.
        $pictures = Picture::query()->where('head_id', $head->id)->orderBy('taken_on')->get();
        foreach ($pictures as $picture) {
            $jpeg = $this->pictureFiles->read($picture);
            if ($jpeg !== null) {
                $zip->addFromString("pictures/{$picture->taken_on->format('Y-m-d')}-{$picture->id}.jpg", $jpeg);
            }
        }
        $zip->addFile(base_path('docs/care-record.schema.json'), 'care-record.schema.json');
        $zip->addFromString('README.txt', Words::say('data-transfer.about'));
        $zip->close();

        return $file;
    }

    private function readings(Salon $salon, ?Head $head = null): string
    {
        $rows = function () use ($salon, $head): iterable {
            $readings = Reading::query()
                ->with('head:id,salon_id,name')
                ->where('salon_id', $salon->id)
                ->when($head !== null, fn ($query) => $query->where('head_id', $head?->id))
                ->orderBy('id')
                ->lazy(500);
            /** @var iterable<Reading> $readings */
            foreach ($readings as $reading) {
                foreach ($this->measuredSigns->of($reading) as $measured) {
                    yield [
                        $reading->head_id, $reading->head->name, $reading->date->format('Y-m-d'), $reading->moment,
                        $reading->test, $reading->zone, $measured->sign->value, round($measured->value, 3),
                        Said::of($measured->sign->unit()), round($measured->sd, 3), $reading->by,
                    ];
                }
            }
        };

        return CsvTable::csv(
            ['head', 'name', 'date', 'moment', 'test', 'zone', 'sign', 'value', 'unit', 'sd', 'by'],
            $rows(),
        );
    }

    private function bookings(Salon $salon, ?Head $head = null): string
    {
        /** @var Collection<int, Booking> $bookings */
        $bookings = Booking::query()
            ->with(['head:id,salon_id,name', 'user:id,salon_id,name'])
            ->where('salon_id', $salon->id)
            ->when($head !== null, fn ($query) => $query->where('head_id', $head?->id))
            ->orderBy('starts_at')
            ->get();

        return CsvTable::csv([
            'booking', 'head', 'name', 'starts_at', 'minutes', 'service', 'stylist', 'status', 'begun_at', 'ended_at',
            'price', 'currency', 'because', 'cancelled_at', 'discount', 'discount_because', 'due', 'tax_in_it',
            'deposit', 'deposit_is',
        ], $bookings->map(fn (Booking $booking): array => [
            $booking->id, $booking->head_id, $booking->head->name, $booking->starts_at->format('Y-m-d\TH:i:s\Z'),
            $booking->minutes, $booking->service, $booking->user->name, $booking->status->value,
            $booking->begun_at?->format('Y-m-d\TH:i:s\Z'),
            $booking->ended_at?->format('Y-m-d\TH:i:s\Z'),
            self::sum($booking->price_cents),
            $salon->currency,
            $booking->because,
            $booking->cancelled_at?->format('Y-m-d\TH:i:s\Z'),
            ...self::bill($booking, $salon),
        ]));
    }

    /** @return list<string|null> discount and why, what it comes to, the tax in that, the deposit and how it stands */
    private static function bill(Booking $booking, Salon $salon): array
    {
        $bill = PricedVisits::bill($booking, $salon);

        return [
            self::sum($bill->discountCents), $booking->discount_because, self::sum($bill->dueCents),
            self::sum($bill->taxCents), $booking->deposit_cents === null ? null : self::sum($booking->deposit_cents),
            $booking->deposit?->value,
        ];
    }

    private static function sum(int $cents): string
    {
        return number_format($cents / 100, 2, '.', '');
    }

    private function file(): string
    {
        return (string) tempnam(sys_get_temp_dir(), 'nagomi');
    }

    private function zip(string $file): ZipArchive
    {
        $zip = new ZipArchive();
        if ($zip->open($file, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive could not be made; is there room on the disk?');
        }

        return $zip;
    }
}
