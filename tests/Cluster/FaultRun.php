<?php

declare(strict_types=1);

namespace Tests\Cluster;

use App\Care\Programs\Webhooks;
use App\Models\DeliveryState;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Models\WebhookEvent;
use Symfony\Component\Process\Process;

/** The whole trial: salons, devices, errands, one part killed after the other, and the reckoning. */
final readonly class FaultRun
{
    private const SALONS = 4;
    private const DEVICES_EACH = 3;

    /** What is killed, by the share of the errands that are done by then in percent, and for how many seconds. */
    private const FAULTS = [
        10 => ['app-1', 10], 20 => ['worker-1', 10], 30 => ['node-1', 30], 50 => ['redis', 3], 60 => ['app-2', 10],
        70 => ['node-3', 30], 85 => ['redis', 3],
    ];

    /** The same in short: one of each kind. */
    private const SHORT = [10 => ['app-1', 4], 30 => ['node-1', 8], 60 => ['redis', 2], 80 => ['worker-1', 4]];

    /** Seconds: a message that died with its worker is told again after five minutes. */
    private const TOLD_WITHIN = 480;

    public function __construct(private string $url, private Ledger $ledger, private Mix $mix)
    {
    }

    /** @return bool whether nothing acknowledged was lost or done twice */
    public function run(int $errands, bool $isShort): bool
    {
        $cluster = new Cluster();
        $salons = [];
        for ($n = 0; $n < self::SALONS; $n++) {
            $salons[] = TriedSalon::open($this->url);
        }
        $hears = $this->hear($salons[0]);
        $fleet = new Fleet($this->url, $this->mix, $this->ledger);
        foreach ($salons as $salon) {
            for ($n = 0; $n < self::DEVICES_EACH; $n++) {
                $fleet->join($salon);
            }
        }
        $began = microtime(true);
        $faults = new Faults($cluster, $isShort ? self::SHORT : self::FAULTS);
        $answered = $fleet->run($errands, function (int $answered) use ($faults, $errands, $began): bool {
            $what = $faults->at(100 * $answered / $errands, microtime(true));
            if ($what !== '') {
                $this->say('%5d answered, %4.0f s: %s (nobody was answered for %.1f s at most since the last)', [
                    $answered, microtime(true) - $began, $what, $this->ledger->gap(),
                ]);
            }

            return $faults->areOver();
        });
        $seconds = microtime(true) - $began;
        $this->say('%d errands were answered in %.0f s, %.1f a second; the longest wait since the last fault was %.1f s', [
            $answered, $seconds, $answered / $seconds, $this->ledger->gap(),
        ]);
        $wrongs = $this->reckon($cluster, $salons);
        $hears->stop();
        array_map(fn (string $wrong) => $this->say('WRONG: %s', [$wrong]), $wrongs);
        $this->say('%s', [$wrongs === [] ? 'Nothing acknowledged was lost, nothing was done twice.' : 'That must not be.']);

        return $wrongs === [];
    }

    /**
     * @param list<TriedSalon> $salons
     *
     * @return list<string>
     */
    private function reckon(Cluster $cluster, array $salons): array
    {
        $isWhole = $cluster->isWhole();
        foreach ($this->ledger->answers() as $what => $many) {
            $this->say('  %-14s %6d', [$what, $many]);
        }
        foreach ($this->ledger->excuses() as $status => $many) {
            $this->say('  %s %6d', [$status === 0 ? 'not answered, sent again' : "{$status}, sent again      ", $many]);
        }
        foreach ($cluster->conflicts() as $of => $many) {
            $this->say('  %s %6d', [$of, $many]);
        }
        $wrongs = $this->ledger->wrongs($salons);
        $wrongs = [...$wrongs, ...$this->untold($salons[0])];
        $errors = $this->ledger->excuses()[500] ?? 0;

        return [
            ...$wrongs,
            ...($errors > 0 ? ["{$errors} errands were answered with 500."] : []),
            ...($isWhole ? [] : ['A node did not come back.']),
            ...array_map(static fn (string $table): string => "The nodes differ in {$table}.", $this->apart($cluster)),
        ];
    }

    /**
     * The clock and the workers go on: what one of them writes just now is not on all nodes at the same moment.
     *
     * @return list<string> tables of which a node holds something else, each time they are compared
     */
    private function apart(Cluster $cluster): array
    {
        $apart = $cluster->differences();
        for ($try = 0; $apart !== [] && $try < 10; $try++) {
            sleep(2);
            $apart = array_values(array_intersect($apart, $cluster->differences()));
        }

        return $apart;
    }

    /** Another program that is told of each new client of a salon. */
    private function hear(TriedSalon $salon): Process
    {
        $port = (int) getenv('NAGOMI_HEARD_PORT');
        app(Webhooks::class)->add($salon->house->stylist, "http://127.0.0.1:{$port}/", [WebhookEvent::ClientCreated]);
        $webhook = Webhook::query()->where('salon_id', $salon->house->salon->id)->sole();
        $hears = new Process(
            [PHP_BINARY, '-S', "127.0.0.1:{$port}", base_path('docs/examples/receive-webhooks.php')],
            null,
            ['NAGOMI_SECRET' => $webhook->secret, 'NAGOMI_RECEIVED' => $this->heard()],
        );
        $hears->disableOutput()->setTimeout(null)->start();

        return $hears;
    }

    /** @return list<string> */
    private function untold(TriedSalon $salon): array
    {
        $all = WebhookDelivery::query()->withoutGlobalScopes()->where('salon_id', $salon->house->salon->id);
        $waits = fn (): int => (clone $all)->where('state', '!=', DeliveryState::Delivered->value)->count();
        for ($until = time() + self::TOLD_WITHIN; $waits() > 0 && time() < $until;) {
            sleep(2);
        }
        $heard = is_file($this->heard()) ? count(file($this->heard()) ?: []) : 0;
        $many = (clone $all)->count();
        $this->say('  %d messages to another program, %d of them heard', [$many, $heard]);

        return [
            ...($waits() > 0 ? [$waits() . ' messages were not told within eight minutes.'] : []),
            ...($heard !== $many ? ["{$heard} messages were heard of {$many}."] : []),
        ];
    }

    private function heard(): string
    {
        return getenv('NAGOMI_CLUSTER') . '/heard.jsonl';
    }

    /** @param list<scalar> $with */
    private function say(string $line, array $with): void
    {
        echo vsprintf($line, $with), "\n";
    }
}
