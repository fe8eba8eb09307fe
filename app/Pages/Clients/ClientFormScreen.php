<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Head;
use App\Models\Salon;
use App\Wording\MessageLanguage;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Zone;

/** The details of a client as their form shows them. */
final readonly class ClientFormScreen
{
    public function __construct(
        private ClientForm $clientForm,
    ) {
    }

    /** @param Head|null $head null for a new client */
    public function of(Salon $salon, ?Head $head = null): ClientFormPage
    {
        return new ClientFormPage(
            head: $head?->load('zoneParts'),
            salon: $salon,
            seen: $head === null ? null : $this->clientForm->seen($head),
            languages: MessageLanguage::NAMES,
            zones: Zone::cases(),
            questions: MethodQuestion::cases(),
        );
    }
}
