<?php

declare(strict_types=1);

/* A log is read by more people than the book: it says what went wrong and where, and nothing of anybody. */

use App\Models\Head;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Route;

/** @return callable(): string what was written since, without what is escaped */
function logged(): callable
{
    $file = (string) tempnam(sys_get_temp_dir(), 'log');
    config(['logging.channels.daily.path' => $file . '.log', 'logging.default' => 'daily']);
    Log::forgetChannel('daily');
    Log::setDefaultDriver('daily');

    return static fn (): string => (string) @file_get_contents((string) (glob("{$file}*.log")[0] ?? ''));
}

it('says what went wrong and where, without what somebody typed or whose page it was', function (): void {
    $head = $this->aHead();
    $head->update(['name' => 'Solvei "Sol" Okonjo']);
    Route::post('/test-breaks/{head}', function (Request $request, Head $head): void {
        throw new LogicException(
            "“{$request->string('note')}” of {$head->name} cannot be parsed, at deep-condition",
            previous: new RuntimeException(
                "Expected 250 of RCPT TO:<vesla.o'kane@quay.example>, +351 (912) 345-678, 912345678 on 2027-01-09: "
                    . 'https://salon.example/card/01m8?expires=1798794000&signature=0123abcdef',
            ),
        );
    })->middleware(['web', SubstituteBindings::class])->name('test.breaks');
    $written = logged();
    $this->actingAs($this->stylist)->post("/test-breaks/{$head->id}", [
        'note' => 'Asked for quiet, ålso today', 'kind' => 'deep-condition', 'who' => 'Vesla Kane',
    ])->assertStatus(500);
    $line = json_decode(explode("\n", trim($written()))[0], true, flags: JSON_THROW_ON_ERROR);
    $told = $line['context']['exception'];
    expect($line['message'])->toBe('“[…]” of […] cannot be parsed, at deep-condition')
        ->and($told['message'])->toBe('“[…]” of […] cannot be parsed, at deep-condition')
        ->and($told['class'])->toBe(LogicException::class)
        ->and($told['file'])->toContain('LogTest.php:')
        ->and($told['previous']['message'])->toBe(
            'Expected 250 of RCPT TO:<[…]>, […], […] on 2027-01-09: '
                . 'https://salon.example/card/01m8?expires=[…]&signature=[…]',
        )
        ->and($written())->not->toMatch('/Okonjo|quiet|Vesla|vesla|912|0123abcdef/');
});

it('says of a server that takes no mail that it does not, and not whom it was for', function (): void {
    config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 9]);
    Mail::purge('smtp');
    $written = logged();
    try {
        Mail::mailer('smtp')->raw('Until Thursday, Vesla.', fn ($mail) => $mail->to('vesla@quay.example'));
    } catch (Throwable $failed) {
        report(new RuntimeException("Not sent to vesla@quay.example: {$failed->getMessage()}", previous: $failed));
    }
    expect($written())->toContain('Connection could not be established')->not->toMatch('/vesla|Thursday/i');
});

it('writes nothing of a client through an ordinary day, nor where forms are sent wrong', function (): void {
    config(['logging.channels.daily.level' => 'debug']);
    $written = logged();
    $this->actingAs($this->stylist);
    $head = $this->aHead();
    $head->update(['name' => 'Vesla Ortiz-Kane', 'phone' => '+351 912 345 678', 'health_notes' => 'asks for quiet']);
    foreach (['/today', '/clients', "/clients/{$head->id}", "/clients/{$head->id}/plan", '/clients?q=Vesla'] as $path) {
        $this->get($path);
    }
    $this->put("/clients/{$head->id}", ['name' => str_repeat('Vesla ', 90), 'born_on' => 'Vesla', 'length_mm' => 'x']);
    $this->post('/bookings', ['head' => 'Vesla', 'date' => '2027-99-01']);
    Log::error('the log is there');
    expect($written())->toContain('the log is there')->not->toMatch('/Vesla|912|quiet/');
});

it('writes a line that is JSON, whatever was in it', function (): void {
    $written = logged();
    $request = Request::create('/x', 'POST', ['note' => "A\"\\\n\xFF"]);
    app()->instance('request', $request);
    Log::error("bad \xFF bytes, A\"\\\n\xFF and more", ['key' => 'vesla@quay.example']);
    $line = json_decode(trim($written()), true, flags: JSON_THROW_ON_ERROR);
    expect($line['message'])->toContain('bytes')->toContain('and more')->and($line['context']['key'])->toBe('[…]');
});
