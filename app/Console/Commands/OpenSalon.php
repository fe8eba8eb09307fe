<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bridge\Accounts\GoodPassword;
use App\Care\Accounts\NewSalon;
use App\Care\Accounts\SalonOpening;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** Opens one more salon from the terminal; its hours and services are said on its own pages. */
final class OpenSalon extends Command
{
    protected $signature = 'nagomi:salon {name : of the salon} {owner : who opens it} {email : the owner signs in with}
        {--timezone=Europe/Lisbon : of the IANA list} {--language=en : en or es} {--currency=EUR : ISO 4217}
        {--hardness=150 : of its water, in mg/L CaCO3} {--climate=none : none, harbour, upland or plain}
        {--chairs=1} {--password= : asked for when it is not given}';

    protected $description = 'Opens a salon with its owner';

    public function handle(SalonOpening $opening): int
    {
        $password = $this->option('password') ?? $this->secret('Password of the owner, 10 characters at least');
        $said = [...$this->arguments(), ...$this->options(), 'password' => $password];
        $wrong = Validator::make($said, [
            'name' => ['required', 'string', 'max:120'],
            'owner' => ['required', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:190', 'unique:users,email'],
            'timezone' => ['required', 'in:' . implode(',', DateTimeZone::listIdentifiers())],
            'language' => ['required', 'in:en,es'],
            'currency' => ['required', 'regex:/^[A-Z]{3}$/'],
            'hardness' => ['required', 'numeric', 'between:0,1000'],
            'climate' => ['required', 'in:none,harbour,upland,plain'],
            'chairs' => ['required', 'integer', 'between:1,40'],
            'password' => GoodPassword::rules(
                array_map(fn (string $of): string => $this->said($of, $said), ['owner', 'email', 'name']),
            ),
        ])->errors()->all();
        foreach ($wrong as $says) {
            $this->error($says);
        }
        if ($wrong !== []) {
            return self::FAILURE;
        }
        $owner = $opening->open(new NewSalon(
            name: $this->said('name', $said),
            timezone: $this->said('timezone', $said),
            language: $this->said('language', $said),
            currency: $this->said('currency', $said),
            hardnessMgPerL: (float) $this->said('hardness', $said),
            climate: $this->said('climate', $said),
            chairs: (int) $this->said('chairs', $said),
            owner: $this->said('owner', $said),
            email: $this->said('email', $said),
            password: $this->said('password', $said),
        ));
        $this->info("{$owner->salon->name} is open; {$owner->name} signs in as {$owner->email}.");

        return self::SUCCESS;
    }

    /** @param array<string, mixed> $said */
    private function said(string $name, array $said): string
    {
        $value = $said[$name] ?? '';

        return is_scalar($value) ? trim((string) $value) : '';
    }
}
