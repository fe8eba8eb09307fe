<?php

declare(strict_types=1);

/* Who did what: written once, read by whom it concerns, in words; and gone with a client who is deleted. */

use App\Models\Head;
use App\Models\Role;
use App\Models\Service;
use App\Models\TrailEntry;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->actingAs($this->stylist);
});

it('tells a change with its values, to the owner', function (): void {
    $head = $this->aHead();
    $was = $head->wash_every_days;
    $head->update(['wash_every_days' => 9, 'health_notes' => 'a private matter', 'swims' => ! $head->swims]);
    $this->get('/salon/trail')->assertOk()->assertSee('Details of a client: changed')->assertSee($head->name)
        ->assertSee('Wash day every, days')->assertSeeInOrder(["<del>{$was}</del>", '9'], false)
        ->assertSee('Swims')->assertSee('Health notes changed')->assertSee('a private matter')
        ->assertSee($this->stylist->name)->assertSee('127.0.0.1');
    expect(json_encode(TrailEntry::query()->pluck('properties')))->not->toContain('private matter');
    $this->get("/clients/{$head->id}/trail")->assertOk()->assertSee('Wash day every, days');
    $this->get('/salon/trail?what=bookings')->assertOk()->assertDontSee('Details of a client');
    $this->get('/salon/trail?client=' . urlencode(mb_substr($head->name, 0, 4)))->assertSee('Details of a client');
    $this->get('/salon/trail?client=nobody&from=rubbish&who=abc&what=none')->assertOk()
        ->assertSee('Nothing of this kind');
    $this->get('/salon/trail?from=2027-01-10')->assertSee('Nothing of this kind');
    $this->get('/salon/trail?from=2027-01-09&until=2027-01-09')->assertSee('Details of a client');
});

it('tells of prices, hours, people, sign-ins and exports', function (): void {
    $service = (new Service())->forceFill([
        'salon_id' => $this->salon->id, 'name' => 'Dry cut', 'is_wash_day' => false, 'minutes' => 45,
        'price_cents' => 4800,
    ]);
    $service->save();
    $service->update(['price_cents' => 5200]);
    $other = User::query()->create([
        'salon_id' => $this->salon->id, 'name' => 'Quim', 'email' => 'quim@test.example',
        'password' => 'a-long-password',
    ]);
    $this->put("/salon/people/{$other->id}/role", ['role' => 'front-desk'])->assertSessionHasNoErrors();
    $this->get('/salon/data/clients.vcf')->assertOk();
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => 'ilse@test.example', 'password' => 'wrong-password']);
    $this->post('/sign-in', ['email' => 'ilse@test.example', 'password' => 'a-long-password']);
    $this->actingAs($this->stylist->fresh());
    $this->get('/salon/trail')->assertOk()
        ->assertSeeInOrder(['Signed in', 'Sign-in refused: wrong password', 'Signed out', 'Clients were exported'])
        ->assertSee('Service: changed')->assertSee('€48.00')->assertSee('€52.00')
        ->assertSee('Works here as')->assertSee('front desk');
    $this->get('/salon/trail?what=out')->assertSee('Clients were exported')->assertDontSee('Signed in');
    $this->get('/salon/trail?who=' . $other->id)->assertSee('Nothing of this kind');
});

it('shows it to nobody it does not concern', function (): void {
    $head = $this->aHead();
    $head->update(['wash_every_days' => 9]);
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this->actingAs($stranger)->get('/salon/trail')->assertOk()->assertDontSee($head->name);
    $this->get("/clients/{$head->id}/trail")->assertNotFound();
    $may = [[Role::Stylist, 403, 200], [Role::Apprentice, 403, 403], [Role::FrontDesk, 403, 403]];
    foreach ($may as [$role, $all, $one]) {
        $this->stylist->update(['role' => $role]);
        $this->actingAs($this->stylist->fresh());
        $this->get('/salon/trail')->assertStatus($all);
        $this->get("/clients/{$head->id}/trail")->assertStatus($one);
    }
});

it('says once what was changed, and nothing where only what is private was', function (): void {
    $head = $this->aHead();
    $before = TrailEntry::query()->count();
    $head->update(['phone' => '+351 210 000 999']);
    expect(TrailEntry::query()->count())->toBe($before + 1)
        ->and(TrailEntry::query()->latest('id')->value('description'))->toBe('phone changed');
});

it('only grows: the database refuses to change or take out a line', function (): void {
    $this->aHead()->update(['wash_every_days' => 9]);
    $id = TrailEntry::query()->latest('id')->value('id');
    expect(fn () => DB::table('activity_log')->where('id', $id)->update(['description' => 'nothing']))
        ->toThrow(QueryException::class, 'only grows')
        ->and(fn () => DB::table('activity_log')->where('id', $id)->delete())
        ->toThrow(QueryException::class, 'only grows')
        ->and(DB::table('activity_log')->where('id', $id)->exists())->toBeTrue();
});

it('forgets a client who is deleted, and says that somebody was', function (): void {
    $head = $this->aHead();
    $head->update(['wash_every_days' => 9, 'allergies' => 'nuts']);
    $this->delete("/clients/{$head->id}", ['name' => $head->name])->assertSessionHasNoErrors();
    expect(Head::query()->whereKey($head->id)->exists())->toBeFalse()
        ->and(TrailEntry::query()->where('head_id', $head->id)->count())->toBe(0);
    $this->get('/salon/trail')->assertOk()->assertSee('A client was deleted')->assertDontSee($head->name);
    // From then on it only grows again.
    expect(fn () => DB::table('activity_log')->delete())->toThrow(QueryException::class);
});

it('has words for all that is written into it', function (): void {
    $lines = trans('trail');
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\' . basename($file, '.php');
        if (! method_exists($class, 'getActivitylogOptions')) {
            continue;
        }
        expect($lines['of'])->toHaveKey(class_basename($class));
        $options = (new $class())->getActivitylogOptions();
        $columns = $options->logAttributes === ['*']
            ? DB::getSchemaBuilder()->getColumnListing((new $class())->getTable())
            : $options->logAttributes;
        $hidden = ['id', 'salon_id', 'head_id', 'created_at', 'updated_at', 'reading', 'carried', 'made_up'];
        foreach (array_diff($columns, $options->logExceptAttributes, $hidden) as $column) {
            expect($lines['fields'])->toHaveKey($column, message: "{$class} {$column}");
        }
    }
    $said = 0;
    $folders = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path()));
    foreach ($folders as $file) {
        $code = $file->isFile() ? (string) file_get_contents($file->getPathname()) : '';
        preg_match_all("/->log\\('([^']+)'\\)/", $code, $found);
        foreach ($found[1] as $words) {
            expect($lines['said'])->toHaveKey(Str::slug($words));
            $said++;
        }
    }
    foreach ([Head::healthFields(), App\Models\Reaction::healthFields()] as $fields) {
        foreach ($fields as $words) {
            expect($lines['private'])->toHaveKey(Str::slug($words))
                ->and($lines['said'])->toHaveKeys([Str::slug("{$words} changed"), Str::slug("{$words} emptied")]);
        }
    }
    expect($said)->toBeGreaterThan(14);
});
