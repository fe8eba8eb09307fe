<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Clients\ConsentText;
use App\Models\ConsentPurpose;
use App\Wording\MessageLanguage;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;

/** A salon's own words for what is agreed to, by purpose and language; empty: as they ship. */
final class ConsentWordingRequest extends FormRequest
{
    private const SHORTEST = 20;
    private const LONGEST = 4000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = [];
        foreach (array_keys($this->fields()) as $field) {
            $rules[$field] = ['nullable', 'string', 'min:' . self::SHORTEST, 'max:' . self::LONGEST];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [];
        foreach (array_keys($this->fields()) as $field) {
            $messages["{$field}.*"] = Words::say('consent.wrong.wording', [
                'least' => self::SHORTEST, 'most' => self::LONGEST,
            ]);
        }

        return $messages;
    }

    /** @return list<array{ConsentPurpose, string, string}> purpose, language and words of those that were sent */
    public function wordings(): array
    {
        $sent = [];
        foreach ($this->fields() as $field => [$purpose, $language]) {
            if ($this->has($field)) {
                $sent[] = [$purpose, $language, trim(str_replace("\r\n", "\n", $this->string($field)->value()))];
            }
        }

        return $sent;
    }

    /** @return array<string, array{ConsentPurpose, string}> purpose and language, by field */
    private function fields(): array
    {
        $fields = [];
        foreach (ConsentPurpose::cases() as $purpose) {
            foreach (array_keys(MessageLanguage::NAMES) as $language) {
                $fields[ConsentText::field($purpose, $language)] = [$purpose, $language];
            }
        }

        return $fields;
    }
}
