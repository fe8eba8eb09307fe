<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Bridge\Clients\ConsentText;
use App\Models\Consent;
use App\Models\ConsentPurpose;
use App\Models\ConsentWording;
use App\Models\Head;
use App\Models\Salon;
use App\Wording\MessageLanguage;
use Illuminate\Support\Facades\DB;

/** Keeps what somebody agreed to, in the words they read, until they take it back. */
final readonly class Consents
{
    /** Once: who has agreed to these very words agrees to them still. */
    public function give(Head $head, ConsentPurpose $purpose, string $givenBy, string $takenBy): Consent
    {
        $text = ConsentText::of($head->salon, $purpose, MessageLanguage::of($head)->code);
        $held = $this->held($head, $purpose);
        if ($held?->wording === $text->wording && $held->given_by === $givenBy) {
            return $held;
        }

        return DB::transaction(function () use ($head, $purpose, $givenBy, $takenBy, $text, $held): Consent {
            $today = $head->salon->today()->format('Y-m-d');
            // Another wording, or another who agrees, stands in place of the one before.
            $held?->update(['withdrawn_on' => $today, 'withdrawn_by' => $takenBy]);
            $consent = (new Consent())->forceFill([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'purpose' => $purpose, 'given_by' => $givenBy,
                'wording' => $text->wording, 'worded_on' => $text->since->format('Y-m-d'),
                'language' => $text->language, 'given_on' => $today, 'taken_by' => $takenBy,
            ]);
            $consent->save();
            if ($purpose === ConsentPurpose::Record) {
                $head->update(['consent_on' => $today, 'consent_by' => $givenBy]);
            }

            return $consent;
        });
    }

    public function withdraw(Head $head, Consent $consent, string $by): void
    {
        DB::transaction(function () use ($head, $consent, $by): void {
            $consent->update(['withdrawn_on' => $head->salon->today()->format('Y-m-d'), 'withdrawn_by' => $by]);
            if ($consent->purpose === ConsentPurpose::Record) {
                $head->update(['consent_on' => null, 'consent_by' => null]);
            }
        });
    }

    public function held(Head $head, ConsentPurpose $purpose): ?Consent
    {
        return Consent::query()
            ->where('head_id', $head->id)
            ->where('purpose', $purpose)
            ->whereNull('withdrawn_on')
            ->latest('id')
            ->first();
    }

    /** A salon's own words from today on; emptied, those that ship. What was agreed to before stays as it was read. */
    public function word(Salon $salon, ConsentPurpose $purpose, string $language, string $wording, string $by): bool
    {
        $now = ConsentText::of($salon, $purpose, $language);
        if ($wording === ($now->isOwn ? $now->wording : '') || ($wording === $now->wording && ! $now->isOwn)) {
            return false;
        }
        (new ConsentWording())->forceFill([
            'salon_id' => $salon->id, 'purpose' => $purpose, 'language' => $language, 'wording' => $wording,
            'since' => $salon->today()->format('Y-m-d'), 'by' => $by,
        ])->save();

        return true;
    }
}
