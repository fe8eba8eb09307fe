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
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;

/** The application as it is served, in several processes, with a salon of its own that is really in the database. */
abstract class TogetherTestCase extends TestCase
{
    public Salon $salon;
    public User $stylist;
    public Device $one;
    public Device $other;

    protected function setUp(): void
    {
        parent::setUp();
        $email = strtolower((string) Str::ulid()) . '@test.example';
        $this->salon = Salon::query()->create([
            'name' => 'Salon of many hands', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => 150,
            'humidity_percent' => 50, 'method' => (new Method())->choices,
        ])->refresh();
        $this->stylist = User::query()->create([
            'salon_id' => $this->salon->id,
            'name' => 'Ilse',
            'email' => $email,
            'password' => 'a-long-password',
            'role' => Role::Owner,
        ])->refresh();
        foreach (range(1, 7) as $weekday) {
            WorkingHours::query()->create([
                'salon_id' => $this->salon->id, 'user_id' => $this->stylist->id, 'weekday' => $weekday,
                'from_minute' => 480, 'until_minute' => 1200,
            ]);
        }
        (new Service())->forceFill([
            'salon_id' => $this->salon->id, 'name' => 'Dry cut', 'is_wash_day' => false, 'minutes' => 45,
            'price_cents' => 4800,
        ])->save();
        // So many sign-ins in a minute would be turned away, rightly.
        DB::table('cache')->delete();
        $this->one = (new Device($this->url()))->signIn($email, 'a-long-password');
        $this->other = (new Device($this->url()))->signIn($email, 'a-long-password');
    }

    protected function tearDown(): void
    {
        $this->salon->delete();
        parent::tearDown();
    }

    public function url(): string
    {
        return (string) getenv('NAGOMI_TOGETHER_URL');
    }

    /** A head with three wash days and a visit; or the shipped example, with all its history. */
    public function aHead(?string $example = null): Head
    {
        $days = (int) (new DateTimeImmutable('2027-01-09'))->diff(new DateTimeImmutable(
            $this->today(),
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

    public function today(): string
    {
        return $this->salon->today()->format('Y-m-d');
    }
}
