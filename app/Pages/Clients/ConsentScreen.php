<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Bridge\Clients\ConsentText;
use App\Models\Consent;
use App\Models\ConsentPurpose;
use App\Models\Head;
use App\Pages\Shared\Paper;
use App\Wording\MessageLanguage;
use App\Wording\SalonClock;
use Illuminate\Support\Collection;
use Illuminate\Support\Traits\Localizable;

/** A client's agreements, on the screen and as a form to sign. */
final readonly class ConsentScreen
{
    use Localizable;

    public function __construct(private Paper $paper)
    {
    }

    public function of(Head $head): ConsentPage
    {
        $head->loadMissing(['salon', 'zoneParts', 'outlook']);
        /** @var Collection<int, Consent> $consents */
        $consents = Consent::query()->where('head_id', $head->id)->orderByDesc('id')->get();
        $purposes = [];
        foreach (ConsentPurpose::cases() as $purpose) {
            $text = ConsentText::of($head->salon, $purpose, MessageLanguage::of($head)->code);
            $held = $consents->first(
                fn (Consent $one): bool => $one->purpose === $purpose && $one->withdrawn_on === null,
            );
            $purposes[] = [
                'text' => $text, 'held' => $held, 'isOld' => $held !== null && $held->wording !== $text->wording,
            ];
        }

        return new ConsentPage(
            head: $head,
            purposes: $purposes,
            before: $consents->filter(fn (Consent $one): bool => $one->withdrawn_on !== null)->values(),
            givenBy: $head->isMinor($head->salon->today()) ? (string) $head->guardian_name : $head->name,
        );
    }

    /** @return string the bytes of a PDF to sign, in the client's language */
    public function form(Head $head): string
    {
        $head->loadMissing('salon');

        /** @var string */
        return $this->withLocale(MessageLanguage::of($head)->code, function () use ($head): string {
            $page = $this->of($head);
            $day = SalonClock::dayInWords($head->salon->today(), 'j F Y');

            return $this->paper->pdf(static fn (string $headings, string $letters): string
                => view('clients.consent-form', $page)
                    ->with(['headings' => $headings, 'letters' => $letters, 'day' => $day])
                    ->render());
        });
    }
}
