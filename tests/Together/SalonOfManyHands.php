<?php

declare(strict_types=1);

namespace Tests\Together;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use App\Models\Role;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Models\WorkingHours;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;

/** A salon that is really in the database, with whoever works there and clients as they are asked for. */
final readonly class SalonOfManyHands
{
    public const PASSWORD = 'a-long-password';

    private function __construct(public Salon $salon, public User $stylist)
    {
    }

    public static function open(): self
    {
        $email = strtolower((string) Str::ulid()) . '@test.example';
        $salon = Salon::query()->create([
            'name' => 'Salon of many hands', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => 150,
            'humidity_percent' => 50, 'method' => (new Method())->choices,
        ])->refresh();
        $stylist = User::query()->create([
            'salon_id' => $salon->id,
            'name' => 'Ilse',
            'email' => $email,
            'password' => self::PASSWORD,
            'role' => Role::Owner,
        ])->refresh();
        foreach (range(1, 7) as $weekday) {
            WorkingHours::query()->create([
                'salon_id' => $salon->id, 'user_id' => $stylist->id, 'weekday' => $weekday,
                'from_minute' => 480, 'until_minute' => 1200,
            ]);
        }
        (new Service())->forceFill([
            'salon_id' => $salon->id, 'name' => 'Dry cut', 'is_wash_day' => false, 'minutes' => 45,
            'price_cents' => 4800,
        ])->save();

        return new self($salon, $stylist);
    }

    /** A head with three wash days and a visit; or the shipped example, with all its history. */
    public function aHead(?string $example = null): Head
    {
        $days = (int) (new DateTimeImmutable('2027-01-09'))->diff(new DateTimeImmutable(
            $this->salon->today()->format('Y-m-d'),
        ))->format('%r%a');
        $text = (string) file_get_contents(base_path('docs/examples/' . ($example ?? 'mixed-porosity') . '.json'));
        // The examples end on 8 January 2027: they are moved to end yesterday.
        $text = (string) preg_replace_callback(
            '/"(20\d\d-\d\d-\d\d)"/',
            fn (array $found): string => '"'
                . (new DateTimeImmutable($found[1]))->modify("{$days} days")->format('Y-m-d')
                . '"',
            $text,
        );
        /** @var array<string, mixed> $record */
        $record = json_decode($text, true);
        if ($example === null) {
            $record['events'] = array_slice((array) $record['events'], -3);
            $record['readings'] = array_slice((array) $record['readings'], -2);
            // Many hands are what is tried here: a short plan is planned soonest.
            $record['head'] = ['wash_every_days' => 28] + (array) $record['head'];
        }
        $read = CareRecordReader::read((string) json_encode($record), Parameters::shipped());
        $head = app(RecordImporter::class)->record($read, $this->salon);
        app(Outlooks::class)->of($head);

        return $head->refresh();
    }
}
