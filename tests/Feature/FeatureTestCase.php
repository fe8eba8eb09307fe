<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSnapshots;
use App\Care\Accounts\TypedPassword;
use App\Models\Head;
use App\Models\Role;
use App\Models\Salon;
use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;

/** The application on its test database; every test leaves it as it was. */
abstract class FeatureTestCase extends TestCase
{
    use DatabaseTransactions;

    public Salon $salon;
    public User $stylist;

    protected function setUp(): void
    {
        parent::setUp();
        // The examples end on 8 January 2027: the next morning.
        $this->travelTo(new DateTimeImmutable('2027-01-09 10:00', new DateTimeZone('UTC')));
        [$this->salon, $this->stylist] = $this->salonWithStylist('ilse@test.example');
    }

    /** Whether whoever acts has just typed their password. */
    public bool $typedPassword = true;

    /** Each request of a test is an act of its own, as each form of the product carries a key of its own. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        if ($this->typedPassword) {
            session()->put(TypedPassword::AT, now()->getTimestamp());
        }

        return parent::call(
            $method,
            $uri,
            $parameters,
            $cookies,
            $files,
            $server + ['HTTP_X_ACT_KEY' => (string) Str::ulid()],
            $content,
        );
    }

    /** @return array{Salon, User} */
    public function salonWithStylist(string $email): array
    {
        $salon = Salon::query()->create([
            'name' => 'Test salon', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => 150, 'humidity_percent' => 50,
            'method' => (new Method())->choices,
        ])->refresh();

        return [
            $salon,
            User::query()->create([
                'salon_id' => $salon->id,
                'name' => 'Ilse',
                'email' => $email,
                'password' => 'a-long-password',
                'role' => Role::Owner,
            ])->refresh(),
        ];
    }

    /** The shipped example as a head of the salon, its outlook worked out. */
    public function aHead(string $example = 'mixed-porosity', ?Salon $salon = null): Head
    {
        $salon ??= $this->salon;

        return KeptHeads::of($example, $salon, fn (): Head => $this->aNewHead($example, $salon));
    }

    /** The same, worked out here and now. */
    public function aNewHead(string $example = 'mixed-porosity', ?Salon $salon = null): Head
    {
        $record = CareRecordReader::read($this->example($example), Parameters::shipped());
        $head = app(RecordImporter::class)->record($record, $salon ?? $this->salon);
        app(Outlooks::class)->of($head);

        return $head->refresh();
    }

    /** A client of whom nothing was told yet, with a plan of today. */
    public function aHeadWithoutPast(): Head
    {
        $head = $this->aNewHead();
        $head->washDays()->delete();
        $head->visits()->delete();
        app(StoredSnapshots::class)->forget($head, null);
        app(Outlooks::class)->of($head->refresh());

        return $head->refresh();
    }

    public function example(string $name = 'mixed-porosity'): string
    {
        return (string) file_get_contents(base_path("docs/examples/{$name}.json"));
    }

    /**
     * An intake as the form sends it.
     *
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    public function intake(array $with = []): array
    {
        $zones = array_fill_keys(
            ['edges', 'front', 'left', 'right', 'crown', 'centre', 'back', 'nape'],
            ['length' => 'medium', 'root' => '', 'treated' => '0'],
        );

        return array_replace([
            'name' => 'Vesla Ortiz-Kane', 'born_on' => '', 'guardian_name' => '', 'consent' => '1',
            'consent_by' => 'Vesla Ortiz-Kane', 'ring_mm' => '12,5', 'strand_um' => '',
            'strand' => 'fine', 'density' => 'medium', 'length_cm' => '32.5', 'sections' => '4',
            'hardness_mg_per_l' => '140', 'humidity_percent' => '50', 'styling_load' => 'medium',
            'wash_every_days' => '7', 'minutes_limit' => '', 'zones' => $zones,
        ], $with);
    }
}
