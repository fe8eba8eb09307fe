<?php

declare(strict_types=1);

/* Clients, bookings and past treatments out of tables as other programs and notebooks write them. */

use App\Models\Booking;
use App\Models\Head;
use App\Models\WashDay;
use App\Models\WorkingHours;

require_once __DIR__ . '/ImportedTables.php';
require_once __DIR__ . '/OpenSalon.php';

it('reads clients of another program with their notes and when what was done last', function (): void {
    $this->actingAs($this->stylist);
    $table = mb_convert_encoding(
        "Salon Harbour;;;;;;;\n"
            . "Nombre;Apellidos;Correo;Teléfono;Nacimiento;Notas;Última mascarilla;Último clarificante\n"
            . "Zoë;Müller;zoe@home.example;+351 912 345 678;28/02/1994;\"fina, se rompe\";20/12/2026;05/11/2026\n"
            . "Ana;Peña;;913;31/12/01;;hace poco;\n",
        'Windows-1252',
        'UTF-8',
    );
    $import = looked($this, $table);
    $this->get("/salon/data/imports/{$import->id}")->assertSee('Written with semicolons, in Windows-1252.')
        ->assertSee('“hace poco” is no day that has been; imported without Last mask.', false)
        ->assertDontSee('Days are written with');
    expect(keptOut($import))->toBe([]);
    take($this, $import)->assertSessionHas('said', 'Imported: 2 clients, 2 past wash days.');
    $zoe = Head::query()->where('name', 'Zoë Müller')->sole();
    expect($zoe->only(['email', 'phone', 'hair_history']))->toBe([
        'email' => 'zoe@home.example', 'phone' => '+351 912 345 678', 'hair_history' => 'fina, se rompe',
    ])
        ->and($zoe->born_on->format('Y-m-d'))->toBe('1994-02-28')
        ->and($zoe->washDays()->orderBy('date')->get()->map(
            fn (WashDay $day): string => $day->date->format('Y-m-d') . ' ' . $day->steps()->pluck('kind')->implode(' '),
        )->all())->toBe(['2026-11-05 cleanse', '2026-12-20 mask'])
        ->and(Head::query()->where('name', 'Ana Peña')->sole()->born_on->format('Y-m-d'))->toBe('2001-12-31');
    foreach (["/clients/{$zoe->id}", "/clients/{$zoe->id}/plan", "/clients/{$zoe->id}/history"] as $page) {
        $this->get($page)->assertOk();
    }
});

it('takes in nobody from a line of totals, and everybody whose name only looks like one', function (): void {
    $this->actingAs($this->stylist);
    $import = looked(
        $this,
        "Name,Phone\nVesla Ortiz,912\nTotal Quint,913\nTotal clients: 2,\nSUBTOTAL,2\nTotales (2),\n",
    );
    $said = 'A line of totals, nobody to take in.';
    expect(keptOut($import))
        ->toBe(array_map(static fn (int $line): string => "table.csv, line {$line}: {$said}", [4, 5, 6]));
    take($this, $import)->assertSessionHas('said', 'Imported: 2 clients.');
    expect(Head::query()->orderBy('name')->pluck('name')->all())->toBe(['Total Quint', 'Vesla Ortiz']);
    $bookings = looked($this, "Client,Date,Time,Price\nVesla Ortiz,2027-02-01,10:00,85\nTotal,,,85\n");
    expect(implode(' ', keptOut($bookings)))->toContain("line 3: {$said}");
});

it('reads columns nobody has a name for as somebody says, and keeps what was said', function (): void {
    $this->actingAs($this->stylist);
    $import = looked($this, "Kto,Kontakt,Kod\nVesla Ortiz,zoe at home,7\nMara Quint,mara@home.example,8\n");
    // Who it is shows in the cells; the rest is said by hand.
    expect($import->reading['table']['columns'])->toBe([0 => 'name']);
    $address = "/salon/data/imports/{$import->id}";
    $this->from($address)->put($address, ['subject' => 'clients', 'columns' => ['name', 'name', '']])
        ->assertSessionHasErrors(['columns' => 'Name is chosen for two columns; leave one of them out.']);
    $this->from($address)->put($address, ['subject' => 'dogs'])->assertSessionHasErrors('subject');
    $this->from($address)->put($address, ['subject' => 'clients', 'columns' => ['barks']])->assertSessionHasErrors();
    $import = readAgain($this, $import, ['columns' => ['name', 'email', '']]);
    expect(keptOut($import))->toBe(['table.csv, line 2: “zoe at home” is no mail address.']);
    take($this, $import)->assertSessionHas('said', 'Imported: one client.');
    expect(Head::query()->sole()->email)->toBe('mara@home.example');
});

it('asks which of day and month comes first where both can be meant, and only then', function (): void {
    $this->actingAs($this->stylist);
    $import = looked($this, "Name,Birthday\nVesla,03/12/1994\nMara,01/02/1990\n");
    $this->get("/salon/data/imports/{$import->id}")->assertSee('Days are written with')->assertSee('born 3 Dec 1994');
    $import = readAgain($this, $import, ['order' => 'month-first', 'columns' => ['name', 'born']]);
    $this->get("/salon/data/imports/{$import->id}")->assertSee('born 12 Mar 1994');
    take($this, $import);
    expect(Head::query()->where('name', 'Mara')->sole()->born_on->format('Y-m-d'))->toBe('1990-01-02');
    $sure = looked($this, "Name,Birthday\nTove,12/31/1994\n");
    $this->get("/salon/data/imports/{$sure->id}")->assertDontSee('Days are written with')->assertSee('31 Dec 1994');
});

it('knows who is here already, tells two of a name apart, and takes nobody twice from one file', function (): void {
    $this->actingAs($this->stylist);
    foreach ([['Vesla Ortiz', '912345678'], ['Mara Quint', '1112223'], ['Mara Quint', '4445556']] as [$name, $phone]) {
        $head = $this->aNewHead();
        $head->update(['name' => $name, 'phone' => $phone]);
    }
    $import = looked(
        $this,
        "Name,Phone\nvesla  ORTIZ,+351 912 345 678\nMara Quint,444-5556\nMara Quint,9998887\nTove Lind,\nTove Lind,\n",
    );
    expect(array_column($import->found, 'here'))->toBe([true, true, false, false, false])
        ->and(keptOut($import))->toBe(['table.csv, line 6: The same client as on line 5.']);
    take($this, $import)->assertSessionHas('said', 'Imported: 2 clients.');
});

it('reads bookings to come and visits that have been, each line for itself', function (): void {
    openSalon($this);
    $known = $this->aHead();
    $known->update(['name' => 'Vesla Ortiz']);
    $import = looked($this, <<<'CSV'
        Client,Phone,Appointment date,Start time,End time,Service,Staff,Price,Status
        Vesla Ortiz,,11/01/2027,9:00,11:00,Wash day,Ilse,"€ 1.085,50",Confirmed
        Mara Quint,912345678,11/01/2027,10:30,11:15,dry cut,Ilse,48,Confirmed
        Mara Quint,912345678,11/01/2027,10:30,11:15,Dry cut,Quim,48,Confirmed
        Mara Quint,912345678,11/01/2027,11:00,11:45,Dry cut,Ilse,,Confirmed
        Tove Lind,,12/01/2027,20:00,20:45,Dry cut,Ilse,,Confirmed
        Tove Lind,,30/02/2027,9:00,,Dry cut,Ilse,,
        Tove Lind,,14/12/2026,2:30 pm,3:15 pm,Dry cut,Quim,48.00,Completed
        Tove Lind,,07/12/2026,14:30,,Dry cut,Quim,,No-show
        Tove Lind,,13/01/2027,9:00,,Dry cut,Quim,,Cancelled
        Tove Lind,,14/01/2027,9:00,,Dry cut,Quim,,Completed
        Tove Lind,,14/01/2027,9:00,,Blow out,Somebody,,
        Tove Lind,,15/01/2027,soon,,Dry cut,Quim,,
        CSV);
    expect($import->reading['table']['subject'])->toBe('bookings')->and(keptOut($import))->toBe([
        'table.csv, line 3: Ilse has Vesla Ortiz from 9:00 to 11:00.',
        'table.csv, line 5: Mara Quint sits with someone else from 10:30 to 11:15.',
        'table.csv, line 6: Ilse is not there for 45 minutes then; change the hours or the line.',
        'table.csv, line 7: “30/02/2027” is no day; write it such as 2026-12-03.',
        'table.csv, line 11: The day is still to come, and it says “Completed”.',
        'table.csv, line 12: What is “Blow out”? Say so above. What is “Somebody”? Say so above.',
        'table.csv, line 13: “soon” is no time; write it such as 14:30.',
    ]);
    take($this, $import)->assertSessionHas('said', 'Imported: 2 clients, 5 bookings.');
    $shown = fn (Booking $booking): string => implode(' ', [
        $booking->head->name, $booking->starts_at->format('m-d H:i'), $booking->service,
        $booking->user->name, $booking->price_cents, $booking->status->value,
    ]);
    expect(Booking::query()->with(['head', 'user'])->orderBy('starts_at')->get()->map($shown)->all())->toBe([
        'Tove Lind 12-07 14:30 Dry cut Quim 0 no-show',
        'Tove Lind 12-14 14:30 Dry cut Quim 4800 done',
        'Vesla Ortiz 01-11 09:00 Wash day Ilse 108550 booked',
        'Mara Quint 01-11 10:30 Dry cut Quim 4800 booked',
        'Tove Lind 01-13 09:00 Dry cut Quim 0 cancelled',
    ]);
    expect(Booking::query()->where('service', 'Dry cut')->pluck('minutes')->unique()->all())->toBe([45]);
    // They are bookings as any other: the day shows them, their hands are taken, the plan knows the wash day.
    $this->get('/today?date=2027-01-11')->assertOk()->assertSee('Vesla Ortiz')->assertSee('Mara Quint');
    $this->from('/bookings/new')->post('/bookings', bookingForm($known, 'Dry cut', '10:00'))->assertSessionHasErrors();
    $this->get("/clients/{$known->id}/plan")->assertOk();
    // The same file again brings nothing twice.
    $again = looked($this, "Client,Date,Time,Service,Staff\nVesla Ortiz,2027-01-11,09:00,Wash day,Ilse\n");
    expect($again->found[0]['here'])->toBeTrue();
    take($this, $again)->assertSessionHas('said', 'Nothing was imported.');
});

it('brings whom nobody has seen to every screen a visit leads to, and through a wash', function (): void {
    openSalon($this);
    take($this, looked($this, "Name,Date,Time,Service,Staff\nTove Lind,2027-01-09,10:30,Wash day,Ilse\n"));
    $head = Head::query()->sole();
    $booking = Booking::query()->sole();
    $pages = ['', '/hair-tests', '/plan', '/wash', '/wash-days', '/history', '/home-routine', '/products', '/edit'];
    foreach ($pages as $page) {
        $this->get("/clients/{$head->id}{$page}")->assertSuccessful();
    }
    foreach (['/today', '/clients', '/reports', "/bookings/{$booking->id}", '/today/end'] as $page) {
        $this->get($page)->assertOk();
    }
    $this->post("/bookings/{$booking->id}/notes", ['what' => 'here', 'sequence' => (string) $booking->sequence])
        ->assertSessionHasNoErrors();
    $this->post("/clients/{$head->id}/wash", ['limit' => '', 'drying' => 'air'])->assertSessionHasNoErrors();
    $this->get("/clients/{$head->id}/wash")->assertSuccessful();
});

it('says of a price that is none that it comes in without', function (): void {
    openSalon($this);
    $import = looked($this, "Name,Date,Time,Service,Staff,Price\nMara,2026-12-01,9:00,Dry cut,Ilse,free\n"
        . "Tove,2026-12-01,10:00,Dry cut,Ilse,-48.00\nOdile,2026-12-01,11:00,Dry cut,Ilse,48 €\n");
    expect(array_column($import->found, 'remarks'))->toBe([
        ['A new client.', '“free” is no sum; imported without it.'],
        ['A new client.', '“-48.00” is no sum; imported without it.'], ['A new client.'],
    ]);
    take($this, $import);
    expect(Booking::query()->orderBy('starts_at')->pluck('price_cents')->all())->toBe([0, 0, 4800]);
});

it('reads a price as it is written in the money of the salon', function (string $currency, string $typed, int $cents): void {
    openSalon($this);
    $this->salon->update(['currency' => $currency]);
    $this->actingAs($this->stylist->fresh());
    take($this, looked($this, "Name,Date,Time,Service,Staff,Price\nMara,2026-12-01,9:00,Dry cut,Ilse,\"{$typed}\"\n"));
    expect(Booking::query()->sole()->price_cents)->toBe($cents);
})->with([
    ['NGN', '₦25,000', 2_500_000], ['XOF', '15 000 F CFA', 1_500_000], ['IDR', 'Rp 350.000', 35_000_000],
    ['KWD', '12.500 KD', 1250], ['EUR', '0,50', 50], ['EUR', '1.085,50 €', 108_550],
]);

it('learns once what words mean here, and whose hands where nobody’s are named', function (): void {
    openSalon($this);
    $import = looked($this, "Name,When,Item\nVesla,2027-01-11 09:00,Curl cut\n"
        . "Mara,2027-01-12T09:00:00,curl CUT\nTove,2027-01-12 14:00,Retail\n");
    expect(keptOut($import))->toHaveCount(3);
    $word = fn (string $field, string $of): string => (string) array_search($of, array_map(
        fn (array $asked): string => $asked['word'],
        $import->reading['asked'][$field],
    ), true);
    $this->get("/salon/data/imports/{$import->id}")->assertSee('on 2 lines')->assertSee('(empty)');
    $import = readAgain($this, $import, ['words' => [
        'service' => [
            $word('service', 'Curl cut') => (string) service('Dry cut')->id, $word('service', 'Retail') => 'leave',
        ],
        'stylist' => [$word('stylist', '') => (string) $this->stylist->id],
    ]]);
    expect(keptOut($import))->toBe(['table.csv, line 4: Left out, as was said above.']);
    take($this, $import);
    expect(Booking::query()->with('user')->orderBy('starts_at')->get()->map(
        fn (Booking $booking): string => "{$booking->service} {$booking->user->name} {$booking->minutes}",
    )->all())->toBe(['Dry cut Ilse 45', 'Dry cut Ilse 45']);
});

it('keeps what can be meant two ways out until somebody says what it is', function (): void {
    $this->actingAs($this->stylist);
    $import = looked($this, <<<'CSV'
        Client;Date;Treatment;mm
        Vesla Ortiz;3 Nov 2026;Deep conditioning + trim;15
        Vesla Ortiz;10 noviembre 2026;Protein;
        Vesla Ortiz;3 Feb 2027;Mask;
        Vesla Ortiz;3 Dec 2026;;
        CSV);
    expect($import->reading['table']['subject'])->toBe('treatments')->and(keptOut($import))->toBe([
        'table.csv, line 3: What is “Protein”? Say so above.',
        'table.csv, line 4: The day is still to come; import it as a booking.',
        'table.csv, line 5: There is no treatment on this line.',
    ]);
    $key = array_key_first($import->reading['asked']['treatment']);
    $import = readAgain($this, $import, ['words' => ['treatment' => [$key => 'strong-protein']]]);
    take($this, $import)->assertSessionHas('said', 'Imported: one client, 2 past wash days.');
    expect(Head::query()->sole()->washDays()->with('steps')->orderBy('date')->get()->map(
        fn (WashDay $day): string => $day->date->format('m-d ') . $day->steps->map(
            fn ($step): string => $step->kind . ($step->millimetres === null ? '' : " {$step->millimetres}"),
        )->implode(', '),
    )->all())->toBe(['11-03 mask, trim 15', '11-10 strong-protein']);
    // A wash day that is here comes no second time.
    expect(looked($this, "Client;Date;Treatment\nVesla Ortiz;2026-11-03;Mask\n")->found[0]['here'])->toBeTrue();
});

it('reads a notebook with a column for each treatment and a mark where it was done', function (): void {
    $this->actingAs($this->stylist);
    $import = looked($this, <<<'CSV'
        Client,Date,Shampoo,Mask,Clarifying,Trim,Protein
        "Ortiz, Vesla",2026-11-03,x,x,,15 mm,x
        "Ortiz, Vesla",2026-11-17,-,✓,no,
        "Quint, Jr.",2026-11-17,,,yes,0
        Tove Lind,2026-11-18,,-,,
        CSV);
    expect($import->reading['table']['subject'])->toBe('treatments')->and(keptOut($import))->toBe([
        'table.csv, line 5: There is no treatment on this line.',
    ]);
    // A column that can be meant two ways is not guessed, and not lost without a word.
    $this->get("/salon/data/imports/{$import->id}")->assertSee('Columns that are left out: Protein.');
    take($this, $import)->assertSessionHas('said', 'Imported: 2 clients, 3 past wash days.');
    $days = fn (string $name): array => Head::query()->where('name', $name)->sole()->washDays()->with('steps')
        ->orderBy('date')->get()->map(fn (WashDay $day): string => $day->date->format('m-d ') . $day->steps->map(
            fn ($step): string => implode(' ', array_filter([$step->kind, $step->cleanse, $step->millimetres])),
        )->implode(', '))->all();
    expect($days('Vesla Ortiz'))->toBe(['11-03 cleanse shampoo, mask, trim 15', '11-17 mask'])
        ->and($days('Quint, Jr.'))->toBe(['11-17 cleanse clarifying']);
});

it('reads times as from and until, over midnight too', function (): void {
    openSalon($this);
    WorkingHours::query()->where('weekday', 5)->where('from_minute', 795)->update(['until_minute' => 1560]);
    $this->salon->update(['day_turns_minute' => 240]);
    $import = looked($this, "Client,Date,Time,Service,Staff\nVesla,2027-01-11,9:30 – 10:15,Dry cut,Ilse\n"
        . "Mara,2027-01-15,11:15 pm - 12:45 am,Dry cut,Quim\nTove,2027-01-15,10:00-9:00,Dry cut,Quim\n"
        . "Odile,2027-01-16,0:50,Dry cut,Quim\n");
    expect(array_column($import->found, 'says')[0])->toContain('9:30–10:15')
        ->and(array_column($import->found, 'says')[1])->toContain('23:15–0:45')
        ->and(keptOut($import))->toBe(['table.csv, line 4: It has to take 5 to 720 minutes.']);
    // Half past midnight belongs to the night of the day before, as everywhere.
    take($this, $import);
    expect(Booking::query()->with('head')->orderBy('starts_at')->get()->map(
        fn (Booking $booking): string => $booking->date->format('m-d ') . $booking->starts_at->format('m-d H:i'),
    )->all())->toBe(['01-11 01-11 09:30', '01-15 01-15 23:15', '01-15 01-16 00:50']);
});

it('opens spreadsheets of each kind, sheet by sheet', function (string $kind): void {
    $this->actingAs($this->stylist);
    $import = looked(
        $this,
        spreadsheet(
            "Some,Sums\n1,2\n",
            $kind,
            "Name,Birthday,Phone\nVesla Ortiz,1994-02-28,351912345678\n\"Quint, Mara\",2001-12-31,0913\n",
        ),
        "clients.{$kind}",
    );
    $this->get("/salon/data/imports/{$import->id}")->assertSee('A spreadsheet.')->assertSee('Sheet');
    take($this, $import)->assertSessionHas('said', 'Imported: 2 clients.');
    $vesla = Head::query()->where('name', 'Vesla Ortiz')->sole();
    expect($vesla->phone)->toBe('351912345678')->and($vesla->born_on->format('Y-m-d'))->toBe('1994-02-28');
})->with(['xlsx', 'ods']);

it('says what to do with a spreadsheet that cannot be read', function (): void {
    $this->actingAs($this->stylist);
    $book = spreadsheet("Name\nVesla Ortiz\n", 'xlsx');
    $damaged = looked($this, substr($book, 0, 60) . str_repeat('x', 900) . substr($book, -900), 'clients.xlsx');
    expect($damaged->found[0]['problems'][0])->toContain('damaged, locked with a password or empty');
    $path = getenv('PATH');
    putenv('PATH=/nowhere');
    try {
        expect(looked($this, $book, 'clients.xlsx')->found[0]['problems'][0])->toContain('Save the sheet as CSV');
    } finally {
        putenv("PATH={$path}");
    }
    expect(glob(sys_get_temp_dir() . '/nagomi-sheet-*'))->toBe([]);
});

it('looks again where something changed between looking and taking', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $import = looked($this, "Name,Date,Time,Service,Staff\nMara,2027-01-11,10:00,Dry cut,Ilse\n"
        . "Tove,2027-01-12,10:00,Dry cut,Ilse\n");
    expect(keptOut($import))->toBe([]);
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:15'))->assertSessionHasNoErrors();
    take($this, $import)
        ->assertSessionHas('said', 'Something changed since you looked. It was read again; look once more.');
    expect(Booking::query()->count())->toBe(1)->and(keptOut($import->refresh()))->toHaveCount(1);
    take($this, $import)->assertSessionHas('said', 'Imported: one client, one booking.');
    take($this, $import)->assertSessionHas('said', 'This was imported already.');
    expect(Booking::query()->count())->toBe(2);
});

it('takes all of a file or nothing', function (): void {
    $this->actingAs($this->stylist);
    $import = looked($this, "Name,Last mask\nMara,2026-12-01\nTove,2026-12-02\nVesla,2026-12-03\n");
    $seen = 0;
    WashDay::creating(function () use (&$seen): void {
        if (++$seen === 3) {
            throw new RuntimeException('The disk is full.');
        }
    });
    $this->withoutExceptionHandling();
    expect(fn () => $this->post("/salon/data/imports/{$import->id}"))->toThrow(RuntimeException::class);
    WashDay::flushEventListeners();
    expect(Head::query()->count())->toBe(0)->and(WashDay::query()->count())->toBe(0)
        ->and($import->refresh()->taken_at)->toBeNull()->and($import->found)->toHaveCount(3);
});

it('puts the clocks’ lost hour, moments of other zones and short times where they belong', function (): void {
    openSalon($this);
    $import = looked($this, "Name,Starts at,Duration,Service,Staff\n"
        . "Mara,2027-03-28 01:30,45 min,Dry cut,Ilse\n"
        . "Tove,2027-03-29T08:00:00Z,0:45,Dry cut,Ilse\n"
        . "Vesla,2027-01-11T10:00:00+01:00,3 h,Dry cut,Quim\n");
    expect(keptOut($import)[0])->toContain('line 2: ')->toContain('1:30')
        ->and(array_column($import->found, 'says')[1])->toContain('29 Mar 2027, 9:00–9:45')
        ->and(array_column($import->found, 'says')[2])->toContain('11 Jan 2027, 9:00–12:00');
});

it('reads only so many lines at once, and says how many are left', function (): void {
    $this->actingAs($this->stylist);
    $lines = implode('', array_map(fn (int $i): string => "Client {$i},c{$i}@home.example\n", range(1, 5012)));
    $import = looked($this, "Name,Email\n{$lines}");
    expect($import->found)->toHaveCount(5000)->and($import->reading['beyond'])->toBe(12);
    $this->get("/salon/data/imports/{$import->id}")->assertSee('12 lines more');
});

it('says of a table that is too large what to do, and takes no page’s memory', function (string $content): void {
    $this->actingAs($this->stylist);
    $before = memory_get_usage();
    expect(looked($this, $content)->found[0]['problems'][0])->toContain('Save the sheet with the clients, or half')
        ->and(memory_get_usage() - $before)->toBeLessThan(60_000_000);
})->with([
    'many lines' => fn (): string => "Name,Email\n" . str_repeat("Vesla Ortiz,vesla@home.example\n", 420_000),
    'long cells' => fn (): string => "Name,Notes\n"
        . str_repeat('Vesla Ortiz,' . str_repeat('curl ', 400) . "\n", 4000),
]);

it('stands as it was seen, whatever the language of who takes it in', function (): void {
    $this->actingAs($this->stylist);
    $import = looked($this, "Name,Birthday\nMara,soon\n");
    $this->stylist->update(['language' => 'es']);
    $this->actingAs($this->stylist->fresh());
    take($this, $import)->assertSessionHas('said', 'Importado: un cliente.');
});
