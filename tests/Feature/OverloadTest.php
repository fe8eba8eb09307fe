<?php

declare(strict_types=1);


/* That protein was too much once is asked on the intake, kept, taken along, and changes the plan. */

use App\Bridge\Clients\HeadRecord;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\CareRecordWriter;

it('asks when and by what protein was too much, and plans by it', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    expect(app(HeadRecord::class)->terms($head)->evidence->wasOverloaded)->toBeFalse();
    $form = $this->intake(['overloaded_on' => '2029-01-01']);
    $this->post('/clients', $form)->assertSessionHasErrors([
        'overloaded_on' => 'Too much protein on: type a day that exists and has been, such as 2026-02-28; about is good '
            . 'enough.',
    ]);
    $this->post('/clients', $this->intake(['overloaded_on' => '2026-06-01', 'overloaded_by' => 'a kit at home']))
        ->assertSessionHasNoErrors();
    $new = App\Models\Head::query()->latest('created_at')->orderByDesc('id')->firstOrFail();
    expect($new->overloaded_on?->format('Y-m-d'))->toBe('2026-06-01')
        ->and($new->overloaded_by)->toBe('a kit at home')
        ->and(app(HeadRecord::class)->terms($new)->evidence->wasOverloaded)->toBeTrue();
    $this->get("/clients/{$new->id}/edit")->assertSee('2026-06-01')->assertSee('a kit at home');
    // A care record takes it along.
    $record = CareRecordReader::read(
        CareRecordWriter::write(app(HeadRecord::class)->of($new)),
        Parameters::shipped(),
    );
    expect($record->intake)->toMatchArray(['overloaded_on' => '2026-06-01', 'overloaded_by' => 'a kit at home']);
});
