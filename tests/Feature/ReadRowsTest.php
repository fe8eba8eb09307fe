<?php

declare(strict_types=1);

/* What models read once, and how they begin: as the framework itself would. */

use App\Models\Booking;
use App\Models\Concerns\BelongsToSalon;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use App\Models\Concerns\UlidKey;
use App\Models\Head;
use App\Models\WashSession;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/** @return list<class-string<Model>> every model there is */
function modelsHere(): array
{
    $models = [];
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\' . basename($file, '.php');
        if (is_subclass_of($class, Model::class)) {
            $models[] = $class;
        }
    }

    return $models;
}

it('begins every model by the names of its traits, of which none bears an attribute instead', function (): void {
    expect(count(modelsHere()))->toBeGreaterThan(40);
    foreach (modelsHere() as $model) {
        $class = new ReflectionClass($model);
        $marked = array_filter($class->getMethods(), static fn (ReflectionMethod $method): bool
            => $method->getAttributes(Boot::class) !== [] || $method->getAttributes(Initialize::class) !== []);
        $isBoot = $class->getMethod('bootTraits')->getFileName() === (new ReflectionClass(BootsByName::class))
            ->getFileName();
        expect([$model, $isBoot, array_keys($marked), in_array(ReadsOnce::class, class_uses($model), true)])
            ->toBe([$model, true, [], true]);
    }
});

/** A row that begins as the framework has it. */
abstract class PlainRow extends Model
{
    use BelongsToSalon;
    use LogsActivity;
    use UlidKey;

    /** @return array{list<string>, list<string>, list<string>} scopes, what each row begins with, events heard */
    public static function begun(): array
    {
        $row = new static();
        $heard = array_filter(
            $row->getObservableEvents(),
            static fn (string $event): bool => self::getEventDispatcher()->hasListeners(
                "eloquent.{$event}: " . static::class,
            ),
        );

        return [
            array_keys($row->getGlobalScopes()), array_values(self::$traitInitializers[static::class]),
            array_values($heard),
        ];
    }

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults();
    }
}

it('begins as the framework does', function (): void {
    $plain = new class () extends PlainRow {
    };
    $quick = new class () extends PlainRow {
        use BootsByName;
    };
    expect($quick::begun())->toEqualCanonicalizing($plain::begun())
        ->and($plain::begun()[0])->toBe(['salon'])
        ->and($plain::begun()[2])->toContain('updated', 'deleted');
});

it('reads a column anew once it says something else', function (): void {
    $session = new WashSession();
    $session->setRawAttributes(['plan' => '{"sections":4}', 'began_at' => null]);
    $booking = new Booking();
    $booking->setRawAttributes(['date' => '2027-01-09', 'minutes' => 60]);
    expect($session->sections())->toBe(4)->and($session->plan)->toBe(['sections' => 4])
        ->and($session->began_at)->toBeNull()
        ->and($booking->date->format('Y-m-d'))->toBe('2027-01-09');
    $session->plan = ['sections' => 6];
    $session->began_at = now()->startOfSecond();
    $booking->date = $booking->date->addDay();
    expect($session->sections())->toBe(6)->and($session->began_at?->equalTo(now()->startOfSecond()))->toBeTrue()
        ->and($booking->date->format('Y-m-d'))->toBe('2027-01-10');
    $session->setRawAttributes(['plan' => '{"sections":8}']);
    expect($session->sections())->toBe(8);
    // What was handed out is a copy.
    $plan = $session->plan;
    $plan['sections'] = 1;
    expect($session->sections())->toBe(8);
});

it('reads a secret anew once another stands there', function (): void {
    $head = new Head();
    $head->phone = '+47 22 00 00 00';
    expect($head->phone)->toBe('+47 22 00 00 00');
    $head->phone = null;
    expect($head->phone)->toBeNull();
    $head->phone = '+47 22 00 00 01';
    expect($head->phone)->toBe('+47 22 00 00 01');
});
