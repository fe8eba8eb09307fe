<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Care\Shared\Lock;
use App\Models\Head;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;

/** Takes somebody into the book whose hair nobody has seen yet: who called, or who stands in an address book. */
final readonly class UnseenClients
{
    /** The usual, until it is measured. */
    private const USUAL_SECTIONS = 4;
    private const USUAL_WASH_EVERY_DAYS = 7;

    public function __construct(
        private OutlookRefresh $outlookRefresh,
        private RecordImporter $recordImporter,
    ) {
    }

    /**
     * @param array{name: string, phone: string|null, email?: string|null, born_on?: string|null,
     *     reminded_by?: string, language?: string|null, household?: string|null} $who
     */
    public function take(Salon $salon, array $who): Head
    {
        $head = new Head($who + [
            'length_mm' => null, 'density' => 'not-measured', 'sections' => self::USUAL_SECTIONS,
            'hardness_mg_per_l' => null, 'humidity_percent' => $salon->humidity_percent,
            'styling_load' => 'not-measured', 'wash_every_days' => self::USUAL_WASH_EVERY_DAYS,
            'method' => $salon->method,
        ]);
        $head->salon_id = $salon->id;
        $head->save();
        $this->recordImporter->zones($head, array_map(
            fn (Zone $zone): ZonePart => new ZonePart(
                $zone,
                Part::Length,
                Porosity::NotMeasured,
                StrandDiameter::NotMeasured,
            ),
            Zone::cases(),
        ));

        return $head->refresh();
    }

    /**
     * Somebody who calls: a name and a number, to be booked at once.
     *
     * @param string|null $language of messages, ISO 639-1; null: the salon's
     *
     * @return Head|null null where somebody of that name is in the book already, whoever was first
     */
    public function caller(
        Salon $salon,
        string $name,
        string $phone,
        bool $isWrittenTo,
        ?string $language = null,
    ): ?Head {
        return $this->addressed($salon, [
            'name' => $name, 'phone' => $phone, 'reminded_by' => $isWrittenTo ? 'text' : 'nobody',
            'language' => $language,
        ], false);
    }

    /**
     * Somebody of whom there is a name and how they are reached.
     *
     * @param array{name: string, phone: string|null, reminded_by: string, language: string|null, email?: string|null,
     *     household?: string|null} $who
     * @param bool $isAnother of the same name as somebody who is here
     *
     * @return Head|null null where somebody of that name is in the book already, whoever was first
     */
    public function addressed(Salon $salon, array $who, bool $isAnother): ?Head
    {
        $head = DB::transaction(function () use ($salon, $who, $isAnother): ?Head {
            Lock::salon($salon->id)->take();
            $isHere = Head::query()->where('salon_id', $salon->id)->where('name', $who['name'])->exists();

            return $isHere && ! $isAnother ? null : $this->take($salon, $who);
        });
        if ($head !== null) {
            $this->outlookRefresh->after($head);
        }

        return $head;
    }
}
