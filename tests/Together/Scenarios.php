<?php

declare(strict_types=1);

namespace Tests\Together;

use App\Bridge\Clients\PictureIntake;
use App\Bridge\Learning\HeadsToLearnFrom;
use App\Bridge\Plans\StoredPlanTerms;
use App\Care\Accounts\Invitations;
use App\Care\Clients\Pictures;
use App\Care\Clients\SafetyFlags;
use App\Care\HomeCards\HomeActs;
use App\Care\Imports\Imports;
use App\Care\Imports\ImportTaking;
use App\Care\Learning\SalonNumbers;
use App\Care\Plans\PlanEdits;
use App\Care\WashDays\WornStyles;
use App\Models\Booking;
use App\Models\CalendarFeed;
use App\Models\Clearance;
use App\Models\Consent;
use App\Models\ConsentWording;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\HomeLink;
use App\Models\Import;
use App\Models\Invitation;
use App\Models\Learning;
use App\Models\Leave;
use App\Models\Picture;
use App\Models\PlanEdit;
use App\Models\Product;
use App\Models\Programme;
use App\Models\Promise;
use App\Models\Reaction;
use App\Models\Reminder;
use App\Models\Role;
use App\Models\Service;
use App\Models\Style;
use App\Models\TaughtIngredient;
use App\Models\TestDraft;
use App\Models\TrailEntry;
use App\Models\Trial;
use App\Models\User;
use App\Models\VisitStatement;
use App\Models\Wait;
use App\Models\WashDay;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use CURLFile;
use DateTimeImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Nagomi\Core\WashDay\StylingMethod;

/**
 * Every route that changes something, by its name. Four requests are sent at once, of three acts: two of them carry the
 * same key,
 * as when a button is tapped twice on a slow line; the others come from other hands.
 */
final class Scenarios
{
    /** Routes that are asked by POST and change nothing. */
    public const ONLY_ASK = [
        'clients.plan.preview', 'clients.instruments.read', 'clients.instruments.on-picture', 'practice.beside',
    ];

    /** Signing in and out changes a session, and that alone. */
    public const SESSIONS = [
        'sign-in.store', 'sign-out', 'account.password', 'account.elsewhere', 'account.confirm.store', 'account.salon',
        'account.second-step.confirm', 'account.second-step.codes', 'account.second-step.off',
    ];

    /** For whoever is not signed in yet; FirstSalonTest, PeopleTest and SecondStepTest of tests/Feature send them twice. */
    public const BEFORE_ALL = ['begin.store', 'begin.restore', 'invitations.accept', 'passwords.update', 'sign-in.check'];

    /** @return array<string, Scenario> by name of the route */
    public static function all(): array
    {
        return [
            ...self::desk(), ...self::salon(), ...self::products(), ...self::heads(), ...self::seasons(),
            ...self::readings(), ...self::washDays(), ...self::home(), ...Practice::all(), ...Programs::all(),
        ];
    }

    /** @return array<string, Scenario> */
    private static function desk(): array
    {
        $slot = fn (TogetherTestCase $test): array => [
            'date' => $test->salon->today()->addDays(3)->format('Y-m-d'),
            'time' => '10:00',
            'stylist' => (string) $test->stylist->id,
        ];
        $booked = function (TogetherTestCase $test) use ($slot): Booking {
            $head = $test->aHead();
            $test->one->now(
                'POST',
                '/bookings',
                [
                    'head' => $head->id,
                    'service' => (string) Service::query()->where('salon_id', $test->salon->id)->sole()->id,
                ] + $slot($test),
            );

            return Booking::query()->where('head_id', $head->id)->sole();
        };
        $clear = fn (TogetherTestCase $test): int => (int) Booking::query()->where(
            'salon_id',
            $test->salon->id,
        )->delete();
        // Moved once, by whoever came first.
        $moved = function (Booking $booking): int {
            $fresh = Booking::query()->findOrFail($booking->id);

            return $fresh->starts_at->equalTo($booking->starts_at) ? 0 : $fresh->sequence - $booking->sequence;
        };

        $invite = fn (TogetherTestCase $test): Invitation => app(Invitations::class)
            ->ask($test->stylist, 'Odd', 'odd@together.example');
        $invited = fn (mixed $any, TogetherTestCase $test): int => Invitation::query()
            ->where('salon_id', $test->salon->id)->count();
        $colleague = fn (TogetherTestCase $test, ?DateTimeInterface $left): User => User::query()->updateOrCreate(
            ['email' => "quim-{$test->salon->id}@together.example"],
            ['salon_id' => $test->salon->id, 'name' => 'Quim', 'password' => 'a-long-password', 'left_at' => $left],
        );
        $left = fn (User $user): int => User::query()->whereKey($user->id)->whereNotNull('left_at')->count();

        return [
            // Three switches of an on and off end where one would.
            'today.names' => new Scenario(
                fn (TogetherTestCase $test): int => User::query()->whereKey($test->stylist->id)->update([
                    'hides_names' => false,
                ]),
                fn (): Sent => new Sent('PUT', '/today/names'),
                fn (mixed $any, TogetherTestCase $test): int => (int) User::query()->findOrFail(
                    $test->stylist->id,
                )->hides_names,
                1,
            ),
            'language' => new Scenario(
                fn (TogetherTestCase $test): int => User::query()->whereKey($test->stylist->id)->update([
                    'language' => null,
                ]),
                fn (): Sent => new Sent('PUT', '/language', ['language' => 'es']),
                fn (mixed $any, TogetherTestCase $test): int => (int) (
                    User::query()->findOrFail($test->stylist->id)->language === 'es'
                ),
                1,
            ),
            'salon.invitations.store' => new Scenario(
                fn (TogetherTestCase $test): mixed => Invitation::query()
                    ->where('salon_id', $test->salon->id)->delete(),
                fn (): Sent => new Sent(
                    'POST',
                    '/salon/invitations',
                    ['invite_name' => 'Odd', 'invite_email' => 'odd@together.example'],
                ),
                $invited,
                1,
            ),
            'salon.invitations.withdraw' => new Scenario(
                fn (TogetherTestCase $test): Invitation => $invite($test),
                fn (Invitation $invitation): Sent => new Sent('DELETE', "/salon/invitations/{$invitation->id}"),
                $invited,
                -1,
            ),
            'salon.people.leave' => new Scenario(
                fn (TogetherTestCase $test): User => $colleague($test, null),
                fn (User $user): Sent => new Sent('PUT', "/salon/people/{$user->id}/left"),
                $left,
                1,
            ),
            'salon.people.role' => new Scenario(
                fn (TogetherTestCase $test): User => tap($colleague($test, null))->update(['role' => Role::Stylist]),
                fn (User $user): Sent => new Sent('PUT', "/salon/people/{$user->id}/role", ['role' => 'apprentice']),
                fn (User $user): int => User::query()->whereKey($user->id)->where('role', 'apprentice')->count(),
                1,
            ),
            'salon.people.second-step' => new Scenario(
                fn (TogetherTestCase $test): User => tap($colleague($test, null))->update(['second_since' => now()]),
                fn (User $user): Sent => new Sent('DELETE', "/salon/people/{$user->id}/second-step"),
                fn (User $user): int => User::query()->whereKey($user->id)->whereNotNull('second_since')->count(),
                -1,
            ),
            'clients.contact.update' => new Scenario(
                fn (TogetherTestCase $test): Head => $test->aHead(),
                fn (Head $head): Sent => new Sent('PUT', "/clients/{$head->id}/contact", [
                    'name' => 'Vesla', 'phone' => '+351 210 000 999', 'reminded_by' => 'text',
                ]),
                fn (Head $head): int => Head::query()->whereKey($head->id)->where('reminded_by', 'text')->count(),
                1,
            ),
            'salon.people.return' => new Scenario(
                fn (TogetherTestCase $test): User => $colleague($test, now()),
                fn (User $user): Sent => new Sent('DELETE', "/salon/people/{$user->id}/left"),
                $left,
                -1,
            ),
            'bookings.store' => new Scenario(
                fn (TogetherTestCase $test): Head => [$clear($test), $test->aHead()][1],
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    '/bookings',
                    [
                        'head' => $head->id,
                        'service' => (string) Service::query()->where('salon_id', $test->salon->id)->sole()->id,
                    ] + $slot($test),
                ),
                fn (mixed $any, TogetherTestCase $test): int => Booking::query()->where(
                    'salon_id',
                    $test->salon->id,
                )->count(),
                1,
            ),
            // Exchanged once, by whoever came first: a second time would undo it.
            'bookings.exchange' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);
                    $booking = $booked($test);
                    $other = $booking->replicate()->forceFill(['starts_at' => $booking->starts_at->addHours(4)]);
                    $other->head_id = $test->aHead()->id;
                    $other->save();

                    return $booking;
                },
                fn (Booking $booking): Sent => new Sent('POST', "/bookings/{$booking->id}/exchange", [
                    'sequence' => (string) $booking->sequence,
                    'with' => Booking::query()->where('salon_id', $booking->salon_id)->whereKeyNot($booking->id)->sole()
                        ->id . ' ' . $booking->sequence,
                ]),
                $moved,
                1,
            ),
            // Whoever waits for a service waits once.
            'waits.store' => new Scenario(
                fn (TogetherTestCase $test): Head => $test->aHead(),
                fn (Head $head): Sent => new Sent('POST', '/waits', [
                    'head' => $head->id, 'until' => $head->salon->today()->addDays(7)->format('Y-m-d'),
                    'service' => (string) Service::query()->where('salon_id', $head->salon_id)->sole()->id,
                ]),
                fn (Head $head): int => Wait::query()->where('head_id', $head->id)->count(),
                1,
            ),
            'waits.destroy' => new Scenario(
                function (TogetherTestCase $test): Wait {
                    $wait = (new Wait())->forceFill([
                        'salon_id' => $test->salon->id, 'head_id' => $test->aHead()->id, 'from' => $test->today(),
                        'until' => $test->today(), 'stretches' => [],
                        'service_id' => Service::query()->where('salon_id', $test->salon->id)->sole()->id,
                    ]);
                    $wait->save();

                    return $wait;
                },
                fn (Wait $wait): Sent => new Sent('DELETE', "/waits/{$wait->id}"),
                fn (Wait $wait): int => Wait::query()->whereKey($wait->id)->count(),
                -1,
            ),
            // Three desks take the same caller down: one client, whoever was first.
            'bookings.caller' => new Scenario(
                fn (): string => 'Bruna ' . bin2hex(random_bytes(4)),
                fn (string $name): Sent => new Sent('POST', '/bookings/callers', [
                    'name' => $name, 'phone' => '+351 555 0101',
                ]),
                fn (string $name, TogetherTestCase $test): int => Head::query()
                    ->where('salon_id', $test->salon->id)
                    ->where('name', $name)
                    ->count(),
                1,
            ),
            'bookings.update' => new Scenario(
                fn (TogetherTestCase $test): Booking => [$clear($test), $booked($test)][1],
                fn (Booking $booking, int $i, TogetherTestCase $test): Sent => new Sent(
                    'PUT',
                    "/bookings/{$booking->id}",
                    ['time' => '11:' . (10 + $i), 'sequence' => (string) $booking->sequence] + $slot($test),
                ),
                $moved,
                1,
            ),
            'bookings.note' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);
                    $booking = $booked($test);
                    $today = $test->salon->today()->format('Y-m-d');
                    Booking::query()->whereKey($booking->id)->update(['date' => $today, 'sequence' => 0]);

                    return $booking;
                },
                fn (Booking $booking): Sent => new Sent(
                    'POST',
                    "/bookings/{$booking->id}/notes",
                    ['what' => 'over', 'sequence' => '0'],
                ),
                fn (Booking $booking): int => Booking::query()->findOrFail($booking->id)->over_minutes,
                10,
            ),
            // Undone once, by whoever came first: a second time finds nothing.
            'bookings.unsay' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);
                    $booking = $booked($test);
                    Booking::query()->whereKey($booking->id)->update([
                        'date' => $test->salon->today()->format('Y-m-d'), 'sequence' => 1, 'over_minutes' => 20,
                        'stood' => '{"sequence":1,"over_minutes":10}',
                    ]);

                    return $booking;
                },
                fn (Booking $booking): Sent => new Sent('DELETE', "/bookings/{$booking->id}/notes/1"),
                fn (Booking $booking): int => Booking::query()->findOrFail($booking->id)->over_minutes,
                -10,
            ),
            'bookings.times' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);
                    $booking = $booked($test);
                    Booking::query()->whereKey($booking->id)->update([
                        'date' => $test->salon->today()->subDay()->format('Y-m-d'), 'sequence' => 0, 'status' => 'done',
                    ]);

                    return $booking;
                },
                fn (Booking $booking): Sent => new Sent(
                    'PUT',
                    "/bookings/{$booking->id}/times",
                    ['began' => '10:05', 'ended' => '10:55', 'sequence' => '0'],
                ),
                fn (Booking $booking): int => Booking::query()->whereKey($booking->id)->where('sequence', 1)
                    ->whereNotNull('ended_at')->count(),
                1,
            ),
            'bookings.end' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);
                    $booking = $booked($test);
                    $yesterday = $test->salon->today()->subDay();
                    Booking::query()->whereKey($booking->id)->update([
                        'date' => $yesterday->format('Y-m-d'), 'starts_at' => $yesterday->addHours(10)->utc(),
                        'sequence' => 0,
                    ]);

                    return $booking;
                },
                fn (Booking $booking): Sent => new Sent(
                    'POST',
                    "/bookings/{$booking->id}/end",
                    ['what' => 'through', 'began' => '10:05', 'ended' => '10:55', 'sequence' => '0'],
                ),
                fn (Booking $booking): int => Booking::query()->whereKey($booking->id)->where('sequence', 1)
                    ->where('status', 'done')->whereNotNull('ended_at')->count(),
                1,
            ),
            'today.handover.store' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);

                    return $booked($test);
                },
                fn (Booking $booking, int $i, TogetherTestCase $test): Sent => new Sent('POST', '/today/handover', [
                    'slots' => ["{$booking->id} {$booking->sequence} 11:00 {$test->stylist->id}"],
                ]),
                fn (Booking $booking): int => Booking::query()->whereKey($booking->id)
                    ->where('sequence', $booking->sequence + 1)->count(),
                1,
            ),
            'bookings.together' => new Scenario(
                function (TogetherTestCase $test) use ($clear): array {
                    $clear($test);

                    return [$test->aHead(), $test->aHead()];
                },
                fn (array $heads, int $i, TogetherTestCase $test): Sent => new Sent('POST', '/bookings/together', [
                    'head' => $heads[0]->id, 'also' => [$heads[1]->id],
                    'service' => (string) Service::query()->where('salon_id', $test->salon->id)->sole()->id,
                    'slot' => $test->salon->today()->addDays(3)->format('Y-m-d')
                        . " 10:00 {$test->stylist->id},11:00 {$test->stylist->id}",
                ]),
                fn (array $heads): int => Booking::query()->whereIn('head_id', [$heads[0]->id, $heads[1]->id])->count(),
                2,
            ),
            'bookings.series.store' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);

                    return $booked($test);
                },
                fn (Booking $booking, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/bookings/{$booking->id}/series",
                    ['slots' => array_map(
                        fn (int $weeks): string => $booking->date->addWeeks($weeks)->format('Y-m-d')
                            . " 10:00 {$test->stylist->id}",
                        [4, 8],
                    )],
                ),
                fn (Booking $booking): int => Booking::query()->where('head_id', $booking->head_id)->count(),
                2,
            ),
            'bookings.bill' => new Scenario(
                function (TogetherTestCase $test) use ($clear, $booked): Booking {
                    $clear($test);

                    return $booked($test);
                },
                fn (Booking $booking): Sent => new Sent('PUT', "/bookings/{$booking->id}/bill", [
                    'price' => '40.00', 'discount' => '10 %', 'deposit' => '20', 'deposit_state' => 'paid',
                    'sequence' => (string) $booking->sequence,
                ]),
                fn (Booking $booking): int => Booking::query()->whereKey($booking->id)
                    ->where('sequence', $booking->sequence + 1)->where('discount_hundredths', 1000)
                    ->where('deposit', 'paid')->count(),
                1,
            ),
        ];
    }

    /** @return array<string, Scenario> */
    private static function salon(): array
    {
        $enoughToLearnFrom = function (TogetherTestCase $test): void {
            Learning::query()->where('salon_id', $test->salon->id)->delete();
            for ($i = $test->salon->heads()->count(); $i < HeadsToLearnFrom::FEWEST; $i++) {
                $test->aHead('mixed-porosity');
            }
        };
        $learned = function (TogetherTestCase $test): Learning {
            $learning = (new Learning())->forceFill([
                'salon_id' => $test->salon->id, 'asked_by' => 'Ilse', 'asked_at' => now(), 'worked_on_at' => now(),
                'ended_at' => now(), 'heads' => 9,
                'factors' => ['slopes' => ['log' => -0.4, 'sd' => 0.1, 'weight' => 0.8]],
            ]);
            $learning->save();

            return $learning;
        };

        $imported = function (TogetherTestCase $test): Import {
            $import = new Import([
                'user_id' => $test->stylist->id,
                'name' => 'clients.vcf',
                'found' => [[
                    'kind' => 'client',
                    'name' => 'Vesla',
                    'problems' => [],
                    'here' => false,
                    'payload' => (string) json_encode(['name' => 'Vesla']),
                ]],
            ]);
            $import->salon_id = $test->salon->id;
            $import->save();

            return $import;
        };
        $imports = fn (mixed $any, TogetherTestCase $test): int => Import::query()->where(
            'salon_id',
            $test->salon->id,
        )->count();
        $heads = fn (mixed $any, TogetherTestCase $test): int => Head::query()->where(
            'salon_id',
            $test->salon->id,
        )->count();
        $feeds = fn (mixed $any, TogetherTestCase $test): int => CalendarFeed::query()
            ->where('user_id', $test->stylist->id)
            ->whereNull('withdrawn_at')
            ->count();
        $leave = fn (TogetherTestCase $test): Leave => Leave::query()->create([
            'salon_id' => $test->salon->id, 'user_id' => $test->stylist->id, 'from' => $test->today(),
            'until' => $test->today(), 'because' => '',
        ]);
        $leaves = fn (mixed $any, TogetherTestCase $test): int => Leave::query()->where(
            'salon_id',
            $test->salon->id,
        )->count();
        $card = tempnam(sys_get_temp_dir(), 'card') ?: '';
        file_put_contents($card, "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Vesla\r\nEND:VCARD\r\n");

        return [
            'salon.data.look' => new Scenario(
                fn (): null => null,
                fn (): Sent => new Sent(
                    'POST',
                    '/salon/data/imports',
                    ['file' => new CURLFile($card, 'text/vcard', 'clients.vcf')],
                ),
                $imports,
                3,
            ),
            'salon.data.take' => new Scenario(
                $imported,
                fn (Import $import): Sent => new Sent('POST', "/salon/data/imports/{$import->id}", ['again' => '1']),
                $heads,
                1,
            ),
            'salon.data.columns' => new Scenario(
                fn (TogetherTestCase $test): Import => app(Imports::class)->look(
                    "Name,Date,Treatment\nVesla,2026-12-01,Mask\n",
                    'washes.csv',
                    $test->salon,
                    $test->stylist,
                ),
                fn (Import $import): Sent => new Sent(
                    'PUT',
                    "/salon/data/imports/{$import->id}",
                    ['subject' => 'clients', 'columns' => ['name', '', '']],
                ),
                fn (Import $import): mixed => $import->fresh()->reading['table']['subject'] ?? null,
                'clients',
            ),
            'salon.data.undo' => new Scenario(
                function (TogetherTestCase $test) use ($imported): Import {
                    $import = $imported($test);
                    app(ImportTaking::class)->take($import, $test->salon, 'Ilse', true, false);

                    return $import;
                },
                fn (Import $import): Sent => new Sent('DELETE', "/salon/data/imports/{$import->id}/taken"),
                $heads,
                -1,
            ),
            'salon.data.drop' => new Scenario(
                $imported,
                fn (Import $import): Sent => new Sent('DELETE', "/salon/data/imports/{$import->id}"),
                $imports,
                -1,
            ),
            'clients.consent.give' => new Scenario(
                fn (TogetherTestCase $test): Head => $test->aHead(),
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/consent", [
                    'purpose' => 'pictures', 'given_by' => 'Vesla', 'agreed' => '1',
                ]),
                fn (Head $head): int => $head->consents()->where('purpose', 'pictures')->count(),
                1,
            ),
            'clients.consent.withdraw' => new Scenario(
                fn (TogetherTestCase $test): Consent => $test->aHead()->consents()->sole(),
                fn (Consent $consent): Sent => new Sent(
                    'DELETE',
                    "/clients/{$consent->head_id}/consent/{$consent->id}",
                ),
                fn (Consent $consent): string => $consent->refresh()->withdrawn_on === null ? 'holds' : 'taken back',
                'taken back',
            ),
            'salon.consent.update' => new Scenario(
                fn (TogetherTestCase $test): mixed => ConsentWording::query()
                    ->where('salon_id', $test->salon->id)
                    ->delete(),
                fn (): Sent => new Sent('PUT', '/salon/consent', [
                    'wording_record_en' => 'I may take this back whenever I wish so.',
                ]),
                fn (mixed $any, TogetherTestCase $test): int => ConsentWording::query()
                    ->where('salon_id', $test->salon->id)
                    ->count(),
                1,
            ),
            'salon.learned.ask' => new Scenario(
                fn (TogetherTestCase $test): mixed => $enoughToLearnFrom($test),
                fn (): Sent => new Sent('POST', '/salon/learned'),
                fn (mixed $any, TogetherTestCase $test): int => Learning::query()
                    ->where('salon_id', $test->salon->id)
                    ->count(),
                1,
            ),
            'salon.learned.use' => new Scenario(
                fn (TogetherTestCase $test): Learning => $learned($test),
                fn (Learning $learning): Sent => new Sent('PUT', "/salon/learned/{$learning->id}"),
                fn (Learning $learning, TogetherTestCase $test): int => TrailEntry::query()
                    ->where('salon_id', $test->salon->id)
                    ->where('description', 'own-numbers-used')
                    ->count(),
                1,
            ),
            'salon.learned.leave' => new Scenario(
                function (TogetherTestCase $test) use ($learned): Learning {
                    $learning = $learned($test);
                    app(SalonNumbers::class)->use($test->salon->refresh(), $learning, 'Ilse');

                    return $learning;
                },
                fn (): Sent => new Sent('DELETE', '/salon/learned'),
                fn (Learning $learning): int => (int) ($learning->refresh()->left_at !== null),
                1,
            ),
            'salon.data.forget' => new Scenario(
                fn (): null => null,
                fn (): Sent => new Sent('PUT', '/salon/data/forget', ['forget_after_years' => '9']),
                fn (mixed $any, TogetherTestCase $test): string => "after {$test->salon->refresh()->forget_after_years}",
                'after 9',
            ),
            'salon.data.keep' => new Scenario(
                function (TogetherTestCase $test): Head {
                    $head = $test->aHead();
                    $head->update(['forget_on' => now()->addDays(9)]);

                    return $head;
                },
                fn (Head $head): Sent => new Sent('PUT', "/salon/data/forget/{$head->id}"),
                fn (Head $head): string => $head->refresh()->forget_on === null ? 'kept' : 'goes',
                'kept',
            ),
            'salon.messages.update' => new Scenario(
                fn (): null => null,
                fn (): Sent => new Sent(
                    'PUT',
                    '/salon/messages',
                    ['quiet_from' => '20:15', 'quiet_until' => '8:30', 'outbox' => 'works'],
                ),
                fn (mixed $any, TogetherTestCase $test): string => "at {$test->salon->refresh()->quiet_from_minute}",
                'at 1215',
            ),
            'salon.messages.again' => new Scenario(function (TogetherTestCase $test): Reminder {
                $reminder = (new Reminder())->forceFill([
                    'salon_id' => $test->salon->id, 'head_id' => $test->aHead()->id, 'occasion' => 'x',
                    'kind' => 'booking', 'due_at' => now(), 'status' => 'failed', 'attempts' => 3,
                ]);
                $reminder->save();

                return $reminder;
            }, fn (Reminder $reminder): Sent => new Sent(
                'POST',
                "/salon/messages/reminders/{$reminder->id}/again",
            ), fn (Reminder $reminder): string => "{$reminder->refresh()->status} {$reminder->attempts}", 'due 0'),
            'salon.calendar' => new Scenario(
                fn (TogetherTestCase $test): mixed => CalendarFeed::query()->where(
                    'user_id',
                    $test->stylist->id,
                )->delete(),
                fn (): Sent => new Sent('POST', '/salon/calendar'),
                $feeds,
                1,
            ),
            'salon.calendar.drop' => new Scenario(
                fn (TogetherTestCase $test): CalendarFeed => CalendarFeed::anew(
                    $test->salon->id,
                    ['user_id' => $test->stylist->id],
                ),
                fn (): Sent => new Sent('DELETE', '/salon/calendar'),
                $feeds,
                -1,
            ),
            'salon.hours.update' => new Scenario(
                fn (TogetherTestCase $test): mixed => Service::query()
                    ->where('salon_id', $test->salon->id)
                    ->where('name', 'Take-down')
                    ->delete(),
                fn (mixed $any, int $i, TogetherTestCase $test): Sent => new Sent(
                    'PUT',
                    '/salon/hours',
                    [
                        'chairs' => '4',
                        'hoods' => '2',
                        'hours' => [$test->stylist->id => array_fill(1, 7, '8:00–20:00')],
                        'services' => [
                            's1' => [
                                'id' => (string) Service::query()
                                    ->where('salon_id', $test->salon->id)
                                    ->where('name', 'Dry cut')
                                    ->sole()->id,
                                'name' => 'Dry cut',
                                'minutes' => '45',
                                'price' => '48',
                            ],
                            'new1' => ['id' => '', 'name' => 'Take-down', 'minutes' => '60', 'price' => '50'],
                        ],
                    ],
                ),
                fn (mixed $any, TogetherTestCase $test): int => Service::query()->where(
                    'salon_id',
                    $test->salon->id,
                )->count(),
                1,
            ),
            'salon.leave' => new Scenario(
                fn (TogetherTestCase $test): mixed => Leave::query()->where('salon_id', $test->salon->id)->delete(),
                fn (mixed $any, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    '/salon/leave',
                    [
                        'leave_of' => (string) $test->stylist->id,
                        'leave_from' => $test->today(),
                        'leave_until' => $test->today(),
                        'leave_because' => 'sea',
                    ],
                ),
                $leaves,
                1,
            ),
            'salon.leave.back' => new Scenario(
                $leave,
                fn (Leave $leave): Sent => new Sent('DELETE', "/salon/leave/{$leave->id}"),
                $leaves,
                -1,
            ),
            'salon.update' => new Scenario(
                fn (): null => null,
                fn (mixed $any, int $i, TogetherTestCase $test): Sent => new Sent(
                    'PUT',
                    '/salon',
                    [
                        'name' => 'Many hands', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => '155',
                        'humidity_percent' => '51', 'method' => $test->salon->method,
                    ],
                ),
                fn (mixed $any, TogetherTestCase $test): string =>
                    "{$test->salon->refresh()->name} {$test->salon->hardness_mg_per_l}",
                'Many hands 155',
            ),
        ];
    }

    /** @return array<string, Scenario> */
    private static function products(): array
    {
        $product = function (TogetherTestCase $test): Product {
            $product = (new Product())->forceFill([
                'salon_id' => $test->salon->id, 'name' => 'Plain mask', 'kind' => 'mask', 'ingredients' => '',
                'reading' => [], 'claims' => [], 'size_ml' => 500, 'left_ml' => 0,
            ]);
            $product->save();

            return $product;
        };
        $products = fn (mixed $any, TogetherTestCase $test): int => Product::query()->where(
            'salon_id',
            $test->salon->id,
        )->count();
        $taught = fn (mixed $any, TogetherTestCase $test): int => TaughtIngredient::query()->where(
            'salon_id',
            $test->salon->id,
        )->count();
        $csv = tempnam(sys_get_temp_dir(), 'products') ?: '';
        file_put_contents(
            $csv,
            "name,kind,ingredients,barcode,size_ml,left_ml,pump_ml,price,opened_on,months_open,batch\nHarbour rinse,conditioner,\"Aqua, Cetyl Alcohol\",,500,300,,12.50,,,\n",
        );

        return [
            'products.import' => new Scenario(
                fn (): null => null,
                fn (): Sent => new Sent(
                    'POST',
                    '/products/import',
                    ['file' => new CURLFile($csv, 'text/csv', 'products.csv')],
                ),
                $products,
                3,
            ),
            'products.store' => new Scenario(
                fn (): null => null,
                fn (): Sent => new Sent(
                    'POST',
                    '/products',
                    ['name' => 'New mask', 'kind' => 'mask', 'ingredients' => '', 'size_ml' => '500'],
                ),
                $products,
                3,
            ),
            'products.update' => new Scenario(
                $product,
                fn (Product $product): Sent => new Sent(
                    'PUT',
                    "/products/{$product->id}",
                    ['name' => 'Plain mask', 'kind' => 'mask', 'batch' => 'B7'],
                ),
                fn (Product $product): string => "batch {$product->refresh()->batch}",
                'batch B7',
            ),
            'products.destroy' => new Scenario(
                $product,
                fn (Product $product): Sent => new Sent('DELETE', "/products/{$product->id}"),
                $products,
                -1,
            ),
            'products.stock' => new Scenario(
                $product,
                fn (Product $product): Sent => new Sent(
                    'POST',
                    "/products/{$product->id}/stock",
                    ['how' => 'bought', 'amount' => '100'],
                ),
                fn (Product $product): int => (int) $product->refresh()->left_ml,
                300,
            ),
            'products.recall' => new Scenario(
                $product,
                fn (Product $product): Sent => new Sent(
                    'POST',
                    "/products/{$product->id}/recall",
                    ['because' => 'glass in it'],
                ),
                fn (Product $product): string => "recalled {$product->refresh()->recalled_because}",
                'recalled glass in it',
            ),
            'products.release' => new Scenario(
                $product,
                fn (Product $product): Sent => new Sent('DELETE', "/products/{$product->id}/recall"),
                fn (Product $product): string => 'recalled ' . $product->refresh()->recalled_because,
                'recalled ',
            ),
            'products.teach' => new Scenario(
                fn (TogetherTestCase $test): mixed => TaughtIngredient::query()->where(
                    'salon_id',
                    $test->salon->id,
                )->delete(),
                fn (): Sent => new Sent(
                    'POST',
                    '/products/teach',
                    ['name' => 'Kelp of the harbour', 'function' => 'humectant'],
                ),
                $taught,
                1,
            ),
            'products.forget' => new Scenario(
                fn (TogetherTestCase $test): TaughtIngredient => TaughtIngredient::query()->create([
                    'salon_id' => $test->salon->id, 'name' => (string) Str::ulid(), 'also' => [],
                    'functions' => ['humectant'], 'strength' => '', 'by' => 'Ilse',
                ]),
                fn (TaughtIngredient $one): Sent => new Sent('DELETE', "/products/book/{$one->id}"),
                $taught,
                -1,
            ),
        ];
    }

    /** @return array<string, Scenario> */
    private static function heads(): array
    {
        $head = fn (TogetherTestCase $test): Head => $test->aHead();
        $heads = fn (mixed $any, TogetherTestCase $test): int => Head::query()->where(
            'salon_id',
            $test->salon->id,
        )->count();
        $zones = array_fill_keys(
            ['edges', 'front', 'left', 'right', 'crown', 'centre', 'back', 'nape'],
            ['length' => 'medium', 'root' => '', 'treated' => '0'],
        );
        $intake = [
            'name' => 'Vesla Ortiz-Kane', 'consent' => '1', 'ring_mm' => '12', 'strand' => 'fine',
            'density' => 'medium', 'length_cm' => '32', 'sections' => '4', 'hardness_mg_per_l' => '140',
            'humidity_percent' => '50', 'styling_load' => 'medium', 'wash_every_days' => '7', 'zones' => $zones,
        ];
        $picture = tempnam(sys_get_temp_dir(), 'picture') ?: '';
        $image = imagecreatetruecolor(80, 60);
        imagejpeg($image, $picture);
        $record = __DIR__ . '/../../docs/examples/protein-sensitive.json';
        $pictures = fn (Head|Picture $of): int => Picture::query()->where(
            'head_id',
            $of instanceof Picture ? $of->head_id : $of->id,
        )->count();

        return [
            'clients.store' => new Scenario(
                fn (): null => null,
                fn (): Sent => new Sent('POST', '/clients', $intake),
                $heads,
                3,
            ),
            'clients.records.store' => new Scenario(
                fn (): null => null,
                fn (): Sent => new Sent(
                    'POST',
                    '/clients/records',
                    ['record' => new CURLFile($record, 'application/json', 'a.json'), 'copy' => '1'],
                ),
                $heads,
                3,
            ),
            'clients.delete' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('DELETE', "/clients/{$head->id}", ['name' => $head->name]),
                $heads,
                -1,
            ),
            'clients.update' => new Scenario(
                $head,
                fn (Head $head, int $i): Sent => new Sent(
                    'PUT',
                    "/clients/{$head->id}",
                    ['allergies' => 'Wheat'] + $intake,
                ),
                fn (Head $head): string => "allergies {$head->refresh()->allergies}",
                'allergies Wheat',
            ),
            'clients.reactions' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/reactions",
                    ['ingredient' => 'Limonene', 'what' => 'itched', 'on' => $test->today()],
                ),
                fn (Head $head): int => Reaction::query()->where('head_id', $head->id)->count(),
                3,
            ),
            'clients.pictures.store' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/pictures",
                    [
                        'picture' => new CURLFile($picture, 'image/jpeg', 'a.jpg'),
                        'kind' => 'after',
                        'taken_on' => $test->today(),
                        'consent' => '1',
                        'consent_by' => 'Vesla',
                    ],
                ),
                $pictures,
                3,
            ),
            'clients.pictures.destroy' => new Scenario(
                fn (TogetherTestCase $test): Picture => app(Pictures::class)->keep(
                    $test->aHead(),
                    app(PictureIntake::class)->jpeg($picture),
                    new DateTimeImmutable($test->today()),
                    'after',
                    'Vesla',
                    'Ilse',
                ),
                fn (Picture $kept): Sent => new Sent('DELETE', "/clients/{$kept->head_id}/pictures/{$kept->id}"),
                $pictures,
                -1,
            ),
            'clients.zones.take' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/zones/crown/take"),
                fn (Head $head): int => $head->zonesBefore()->count(),
                0,
            ),
            'clients.safety-flags.raise' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/safety-flags",
                    ['sign' => 'red', 'seen' => 'weeping at the nape'],
                ),
                fn (Head $head): int => Clearance::query()->where('head_id', $head->id)->count(),
                3,
            ),
            'clients.safety-flags.judge' => new Scenario(
                function (TogetherTestCase $test): Head {
                    $head = $test->aHead();
                    app(SafetyFlags::class)->raisedBy($head, [new \Nagomi\Core\Readings\Reading(
                        'sore',
                        \Nagomi\Core\Treatments\Calendar::dayOf($test->salon->today()),
                        \Nagomi\Core\Readings\Moment::Home,
                        'scalp-at-home',
                        ['itch' => 1, 'oil' => 2, 'soreness' => 7],
                    )], 'Ilse');

                    return $head;
                },
                fn (Head $head): Sent => new Sent('PUT', "/clients/{$head->id}/safety-flags/read", [
                    'clearance' => (string) Clearance::query()->where('head_id', $head->id)->value('id'),
                    'what' => 'withdraw', 'because' => 'a hat that rubbed',
                ]),
                fn (Head $head): int => Clearance::query()->where(
                    'head_id',
                    $head->id,
                )->where('withdrawn', false)->count(),
                -1,
            ),
            'clients.safety-flags.clear' => new Scenario(function (TogetherTestCase $test): Head {
                $head = $test->aHead();
                app(SafetyFlags::class)->raise($head, 'red', 'a spot', 'Ilse');

                return $head;
            }, fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                'PUT',
                "/clients/{$head->id}/safety-flags",
                ['sign' => 'red', 'cleared_by' => 'Dr Adeyemi', 'cleared_on' => $test->today()],
            ), fn (Head $head): int => Clearance::query()->where(
                'head_id',
                $head->id,
            )->whereNull('cleared_on')->count(), -1),
        ];
    }

    /** @return array<string, Scenario> */
    private static function seasons(): array
    {
        $head = fn (TogetherTestCase $test): Head => $test->aHead();
        $day = fn (TogetherTestCase $test, int $days): string => $test->salon->today()->addDays($days)->format('Y-m-d');
        $edits = fn (Head $head): int => PlanEdit::query()->where('head_id', $head->id)->count();
        $list = fn (string $name): \Closure => fn (Head $head): int => count((array) (
            $head->refresh()->season[$name] ?? []
        ));
        $with = fn (array $season): \Closure => function (TogetherTestCase $test) use ($season): Head {
            $head = $test->aHead();
            app(PlanEdits::class)->keep(
                $head,
                app(StoredPlanTerms::class)->with($head, $season),
                'Made ready.',
                'Ilse',
            );

            return $head;
        };
        $soon = date('Y-m-d', time() + 40 * 86400);
        $byHand = ['date' => $soon, 'cleanse' => 'gentle', 'passes' => 1, 'reason' => 'a wish', 'by' => 'Ilse'];
        $open = fn (Head $head): int => PlanEdit::query()->where('head_id', $head->id)->whereNull('undone_at')->count();

        return [
            'clients.plan.act' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/plan/acts",
                    [
                        'date' => $head->planItems()->where('status', 'planned')->firstOrFail()->date->format('Y-m-d'),
                        'act' => 'move',
                        'value' => '1',
                        'seen' => '0',
                    ],
                ),
                $edits,
                1,
            ),
            'clients.plan.undo' => new Scenario(
                $with(['salon_days' => [$soon]]),
                fn (Head $head): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/plan/undo",
                    ['seen' => (string) PlanEdit::last($head)?->id],
                ),
                $open,
                -1,
            ),
            'clients.plan.redo' => new Scenario(function (TogetherTestCase $test) use ($with, $soon): Head {
                $head = $with(['salon_days' => [$soon]])($test);
                app(PlanEdits::class)->undo($head, null);

                return $head;
            }, fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/plan/redo", ['seen' => '0']), $open, 1),
            // Three occasions noted at once: none may be lost.
            'clients.plan.occasion' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/plan/occasions",
                    [
                        'occasion' => 'best-day',
                        'occasion_from' => $day($test, 20 + $i),
                        'occasion_what' => "dance {$i}",
                    ],
                ),
                $list('occasions'),
                3,
            ),
            'clients.plan.without' => new Scenario(
                $with([
                    'occasions' => [
                        ['kind' => 'best-day', 'from' => $soon, 'until' => $soon, 'what' => 'one'],
                        ['kind' => 'best-day', 'from' => $soon, 'until' => $soon, 'what' => 'two'],
                    ],
                ]),
                fn (Head $head): Sent => new Sent(
                    'DELETE',
                    "/clients/{$head->id}/plan/occasions/0",
                    ['seen' => (string) PlanEdit::last($head)?->id],
                ),
                $list('occasions'),
                -1,
            ),
            'clients.plan.wishes' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/plan/wishes",
                    [
                        'wish' => 'leave-out', 'wish_what' => 'mask', 'wish_from' => $day($test, 20 + $i),
                        'wish_until' => $day($test, 30 + $i),
                    ],
                ),
                $list('wishes'),
                3,
            ),
            'clients.plan.wishes.without' => new Scenario(
                $with([
                    'wishes' => [
                        ['kind' => 'leave-out', 'what' => 'mask', 'from' => $soon, 'until' => $soon],
                        ['kind' => 'leave-out', 'what' => 'heat', 'from' => $soon, 'until' => $soon],
                    ],
                ]),
                fn (Head $head): Sent => new Sent(
                    'DELETE',
                    "/clients/{$head->id}/plan/wishes/0",
                    ['seen' => (string) PlanEdit::last($head)?->id],
                ),
                $list('wishes'),
                -1,
            ),
            'clients.plan.what-if.use' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/plan/what-if",
                    ['change' => 'minutes-limit', 'number' => '95'],
                ),
                fn (Head $head): int => (int) $head->refresh()->minutes_limit,
                95,
            ),
            'clients.plan-terms.update' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('PUT', "/clients/{$head->id}/plan/terms", ['salon_days' => $soon]),
                $list('salon_days'),
                1,
            ),
            'clients.plan-terms.by-hand' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/plan/terms/by-hand",
                    ['hand_date' => $soon, 'cleanse' => 'gentle', 'passes' => '1', 'reason' => 'a wish'],
                ),
                $list('by_hand'),
                1,
            ),
            'clients.plan-terms.take-back' => new Scenario(
                $with(['by_hand' => [$byHand]]),
                fn (Head $head): Sent => new Sent('DELETE', "/clients/{$head->id}/plan/terms/by-hand/{$soon}"),
                $list('by_hand'),
                -1,
            ),
            'clients.plan-terms.promise' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/plan/terms/promise"),
                fn (Head $head): int => Promise::query()
                    ->where('head_id', $head->id)
                    ->whereNull('released_at')
                    ->count(),
                1,
            ),
            'clients.plan-terms.release' => new Scenario(
                $with(['promised' => [['date' => $soon, 'treatment' => 'mask']]]),
                fn (Head $head): Sent => new Sent('DELETE', "/clients/{$head->id}/plan/terms/promise"),
                $list('promised'),
                -1,
            ),
        ];
    }

    /** @return array<string, Scenario> */
    private static function readings(): array
    {
        $head = fn (TogetherTestCase $test): Head => $test->aHead();
        $sitting = fn (TogetherTestCase $test, string $points): array => [
            'date' => $test->today(),
            'moment' => 'before-cleansing',
            'raw' => ['dryness' => ['points' => $points]],
        ];
        $accounts = fn (Head $head): int => VisitStatement::query()->whereIn(
            'visit_id',
            $head->visits()->reorder()->select('id'),
        )->count();
        $drafts = fn (Head $head): int => TestDraft::query()->where('head_id', $head->id)->count();
        $visit = fn (Head $head): string => (string) $head->visits()->firstOrFail()->id;
        $reading = fn (Head $head): string => $head->readings()->firstOrFail()->key;
        $visitKey = strtolower((string) Str::ulid());

        return [
            'clients.hair-tests.store' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/hair-tests",
                    ['visit' => substr(strtolower((string) $head->id), 0, 25) . $i] + $sitting($test, '4'),
                ),
                fn (Head $head): int => $head->visits()->count(),
                3,
            ),
            'clients.hair-tests.acts' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/hair-tests/acts",
                    ['device' => "d{$i}", 'acts' => [[
                        'key' => "visit {$i}",
                        'kind' => 'visit',
                        'form' => http_build_query(
                            ['visit' => substr(strtolower((string) $head->id), 0, 25) . $i] + $sitting($test, '4'),
                        ),
                    ]]],
                    true,
                ),
                fn (Head $head): int => $head->visits()->count(),
                3,
            ),
            'clients.hair-tests.draft' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'PUT',
                    "/clients/{$head->id}/hair-tests/draft",
                    ['visit' => $visitKey] + $sitting($test, '5'),
                    true,
                ),
                $drafts,
                1,
            ),
            'clients.hair-tests.forget' => new Scenario(function (TogetherTestCase $test) use ($head, $sitting, $visitKey): Head {
                $one = $head($test);
                $test->one->now(
                    'PUT',
                    "/clients/{$one->id}/hair-tests/draft",
                    ['visit' => $visitKey] + $sitting($test, '5'),
                );

                return $one;
            }, fn (Head $head): Sent => new Sent(
                'DELETE',
                "/clients/{$head->id}/hair-tests/draft/before-cleansing",
            ), $drafts, -1),
            'clients.history.update' => new Scenario(function (TogetherTestCase $test) use ($head, $sitting): Head {
                $one = $head($test);
                $test->one->now('POST', "/clients/{$one->id}/hair-tests", $sitting($test, '6'));

                return $one;
            }, fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent('PUT', "/clients/{$head->id}/history/{$visit($head)}", [
                'because' => 'slipped',
                'version' => (string) VisitStatement::query()->where('visit_id', $visit($head))->max('id'),
            ] + $sitting($test, (string) $i)), $accounts, 1),
            'clients.history.undo' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('DELETE', "/clients/{$head->id}/history/{$visit($head)}"),
                fn (Head $head): int => $head->visits()->whereNotNull('undone_at')->count(),
                1,
            ),
            'clients.readings.confirm' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/readings/{$reading($head)}/confirm"),
                $accounts,
                1,
            ),
            'clients.trials.store' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/trends/trials",
                    [
                        'kind' => 'before-after',
                        'change' => "satin {$i}",
                        'sign' => 'frizz',
                        'began_on' => $test->today(),
                    ],
                ),
                fn (Head $head): int => $head->trials()->count(),
                3,
            ),
            'clients.trials.end' => new Scenario(function (TogetherTestCase $test) use ($head): Trial {
                $trial = new Trial([
                    'head_id' => $head($test)->id, 'by' => 'Ilse', 'kind' => 'before-after', 'change' => 'satin',
                    'sign' => 'frizz', 'began_on' => $test->today(),
                ]);
                $trial->salon_id = $test->salon->id;
                $trial->save();

                return $trial;
            }, fn (Trial $trial): Sent => new Sent(
                'DELETE',
                "/clients/{$trial->head_id}/trends/trials/{$trial->id}",
            ), fn (Trial $trial): int => Trial::query()->whereKey($trial->id)->whereNotNull('ended_on')->count(), 1),
            'clients.programmes.begin' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/programmes",
                    [
                        'programme' => ['no-protein', 'no-heat', 'pre-wash'][$i % 3],
                        'weeks' => '4',
                        'programme_sign' => 'frizz',
                        'programme_from' => $test->today(),
                    ],
                ),
                fn (Head $head): int => $head->programmes()->count(),
                3,
            ),
            'clients.programmes.end' => new Scenario(function (TogetherTestCase $test) use ($head): Programme {
                $programme = new Programme([
                    'head_id' => $head($test)->id, 'by' => 'Ilse', 'kind' => 'no-protein', 'weeks' => 4,
                    'sign' => 'frizz', 'began_on' => $test->today(),
                ]);
                $programme->salon_id = $test->salon->id;
                $programme->save();

                return $programme;
            }, fn (Programme $programme): Sent => new Sent(
                'DELETE',
                "/clients/{$programme->head_id}/programmes/{$programme->id}",
            ), fn (Programme $programme): int => Programme::query()->whereKey($programme->id)->whereNotNull('broken_off_on')->count(), 1),
        ];
    }

    /** @return array<string, Scenario> */
    private static function washDays(): array
    {
        $head = fn (TogetherTestCase $test): Head => $test->aHead();
        $running = function (TogetherTestCase $test) use ($head): WashSession {
            $one = $head($test);
            $test->one->now('POST', "/clients/{$one->id}/wash");
            $washSession = $one->washSessions()->sole();
            foreach (['cleanse', 'detangle'] as $n => $step) {
                $test->one->now(
                    'POST',
                    "/clients/{$one->id}/wash/{$washSession->id}/acts",
                    [
                        'device' => 'a',
                        'acts' => [[
                            'key' => "key {$n}", 'kind' => 'done', 'step' => $step, 'at' => date('c'), 'value' => [],
                        ]],
                    ],
                );
            }

            return $washSession;
        };
        $washDays = fn (Head|WashSession $of): int => Head::query()
            ->findOrFail($of instanceof WashSession ? $of->head_id : $of->id)
            ->washDays()
            ->count();
        $styled = function (TogetherTestCase $test) use ($head): Head {
            $one = $head($test);
            app(WornStyles::class)->begin(
                $one,
                StylingMethod::Twists,
                new DateTimeImmutable($test->salon->today()->subDays(3)->format('Y-m-d')),
            );

            return $one;
        };

        return [
            'clients.wash.begin' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/wash"),
                fn (Head $head): int => $head->washSessions()->count(),
                1,
            ),
            'clients.wash.start' => new Scenario(
                function (TogetherTestCase $test): WashSession {
                    $one = $test->aHead();
                    $test->one->now('POST', "/clients/{$one->id}/wash", ['change' => '1']);

                    return $one->washSessions()->sole();
                },
                fn (WashSession $washSession): Sent => new Sent(
                    'POST',
                    "/clients/{$washSession->head_id}/wash/{$washSession->id}/begin",
                ),
                fn (WashSession $washSession): int => WashSession::query()
                    ->whereKey($washSession->id)
                    ->whereNotNull('began_at')
                    ->count(),
                1,
            ),
            'clients.wash.acts' => new Scenario(
                $running,
                fn (WashSession $washSession, int $i): Sent => new Sent(
                    'POST',
                    "/clients/{$washSession->head_id}/wash/{$washSession->id}/acts",
                    [
                        'device' => "d{$i}",
                        'acts' => [[
                            'key' => "tap {$i}", 'kind' => 'note', 'step' => 'detangle', 'at' => date('c'),
                            'value' => ['note' => 'knot'],
                        ]],
                    ],
                    true,
                ),
                fn (WashSession $washSession): int => WashSessionAct::query()->where(
                    'wash_session_id',
                    $washSession->id,
                )->count(),
                3,
            ),
            'clients.wash.finish' => new Scenario(
                $running,
                fn (WashSession $washSession): Sent => new Sent(
                    'POST',
                    "/clients/{$washSession->head_id}/wash/{$washSession->id}/finish",
                    ['minutes' => ['detangle' => '18', 'cleanse' => '5']],
                ),
                $washDays,
                1,
            ),
            'clients.wash.minutes' => new Scenario(
                function (TogetherTestCase $test) use ($running): WashSession {
                    $washSession = $running($test);
                    $test->one->now(
                        'POST',
                        "/clients/{$washSession->head_id}/wash/{$washSession->id}/finish",
                        ['minutes' => ['detangle' => '18', 'cleanse' => '5']],
                    );

                    return $washSession->refresh();
                },
                fn (WashSession $washSession): Sent => new Sent(
                    'PUT',
                    "/clients/{$washSession->head_id}/wash/{$washSession->id}/minutes",
                    ['minutes' => ['detangle' => '23']],
                ),
                fn (WashSession $washSession): int => (int) round(WashDay::query()
                    ->where('key', $washSession->wash_day)
                    ->firstOrFail()
                    ->steps()
                    ->sum('minutes')),
                5,
            ),
            'clients.wash.break-off' => new Scenario(
                $running,
                fn (WashSession $washSession): Sent => new Sent(
                    'DELETE',
                    "/clients/{$washSession->head_id}/wash/{$washSession->id}",
                ),
                fn (WashSession $washSession): int => WashSession::query()->whereKey($washSession->id)->count(),
                -1,
            ),
            'clients.wash-days.store' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/wash-days",
                    [
                        'date' => $test->today(), 'place' => 'home', 'cleanse' => 'gentle', 'passes' => '1',
                        'tool' => 'comb', 'detangling' => 'wet-with-slip',
                    ],
                ),
                $washDays,
                1,
            ),
            'clients.wash-days.undo' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent(
                    'DELETE',
                    "/clients/{$head->id}/wash-days/" . $head->washDays()->firstOrFail()->key,
                ),
                $washDays,
                -1,
            ),
            'clients.style.begin' => new Scenario(
                $head,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    "/clients/{$head->id}/style",
                    ['styling' => 'twists', 'on' => $test->today()],
                ),
                fn (Head $head): int => Style::query()->where('head_id', $head->id)->whereNull('ended_on')->count(),
                1,
            ),
            'clients.style.keep' => new Scenario(
                $styled,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'PUT',
                    "/clients/{$head->id}/style",
                    ['what' => ['covered', 'refreshed', 'lifted'][$i - 1], 'on' => $test->today()],
                ),
                fn (Head $head): int => count(array_merge(...array_values(
                    Style::query()->where('head_id', $head->id)->whereNull('ended_on')->sole()->log ?: [[]],
                ))),
                3,
            ),
            'clients.style.end' => new Scenario(
                $styled,
                fn (Head $head, int $i, TogetherTestCase $test): Sent => new Sent(
                    'DELETE',
                    "/clients/{$head->id}/style",
                    ['on' => $test->today()],
                ),
                fn (Head $head): int => $head->readings()->where('test', 'style-life')->count(),
                1,
            ),
        ];
    }

    /** @return array<string, Scenario> */
    private static function home(): array
    {
        $head = fn (TogetherTestCase $test): Head => $test->aHead();
        $link = function (TogetherTestCase $test) use ($head): HomeLink {
            $link = new HomeLink(['head_id' => $head($test)->id, 'by' => 'Ilse', 'expires_at' => now()->addDays(30)]);
            $link->salon_id = $test->salon->id;
            $link->save();

            return $link;
        };
        $feeds = fn (Head $head): int => CalendarFeed::query()
            ->where('head_id', $head->id)
            ->whereNull('withdrawn_at')
            ->count();

        return [
            'clients.home-routine.calendar' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/home-routine/calendar"),
                $feeds,
                1,
            ),
            'clients.home-routine.calendar.drop' => new Scenario(function (TogetherTestCase $test) use ($head): Head {
                $one = $head($test);
                CalendarFeed::anew($test->salon->id, ['head_id' => $one->id]);

                return $one;
            }, fn (Head $head): Sent => new Sent('DELETE', "/clients/{$head->id}/home-routine/calendar"), $feeds, -1),
            'clients.home-routine.link' => new Scenario(
                $head,
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/home-routine/links", ['days' => '30']),
                fn (Head $head): int => $head->links()->count(),
                3,
            ),
            'clients.home-routine.withdraw' => new Scenario(
                $link,
                fn (HomeLink $link): Sent => new Sent(
                    'DELETE',
                    "/clients/{$link->head_id}/home-routine/links/{$link->id}",
                ),
                fn (HomeLink $link): int => HomeLink::query()->whereKey($link->id)->whereNull('withdrawn_at')->count(),
                -1,
            ),
            'card.acts' => new Scenario(
                $link,
                fn (HomeLink $link, int $i, TogetherTestCase $test): Sent => new Sent(
                    'POST',
                    $link->path('card.acts'),
                    [
                        'acts' => [[
                            'key' => "phone {$i}",
                            'kind' => 'reading',
                            'date' => $test->today(),
                            'value' => ['test' => HomeActs::TESTS[1], 'raw' => ['points' => 4]],
                        ]],
                    ],
                    true,
                ),
                fn (HomeLink $link): int => HomeAct::query()
                    ->where('head_id', $link->head_id)
                    ->whereNull('refused')
                    ->count(),
                3,
                true,
            ),
            'reminders.stop.now' => new Scenario(function (TogetherTestCase $test) use ($head): Head {
                $one = $head($test);
                $one->update(['reminded_by' => 'mail', 'email' => 'vesla@home.example']);

                return $one;
            }, fn (Head $head): Sent => new Sent(
                'POST',
                URL::signedRoute('reminders.stop.now', ['head' => $head->id], absolute: false),
            ), fn (Head $head): string => "by {$head->refresh()->reminded_by}", 'by nobody', true),
        ];
    }
}
