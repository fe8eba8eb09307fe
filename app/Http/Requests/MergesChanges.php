<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Pages\Shared\SeenFields;
use App\Wording\Words;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Lang;

/**
 * A form that was opened earlier never undoes what others did meanwhile: fields nobody touched here are taken as they
 * stand by now,
 * and where both touched the same field it comes back with both values in sight.
 */
trait MergesChanges
{
    public const SEEN = '_seen';

    /** @var array<string, string> what others made of fields that were touched here too, by dotted name */
    private array $conflicts = [];

    /**
     * @param string                             $form  which form of which row
     * @param array<string, string|list<string>> $now   its fields as they stand
     * @param list<string>                       $lists fields that hold several values
     */
    protected function mergeWhatOthersChanged(string $form, array $now, array $lists = []): void
    {
        [$merged, $this->conflicts] = SeenFields::of($form, $now)->merged(
            SeenFields::opened($this->input(self::SEEN), $form),
            $this->all(),
        );
        foreach ($lists as $list) {
            $values = Arr::get($merged, $list);
            Arr::set(
                $merged,
                $list,
                array_values(array_filter(
                    is_string($values) ? explode("\n", $values) : (array) $values,
                    fn (mixed $value): bool => $value !== '' && $value !== null,
                )),
            );
        }
        $merged = array_diff_key($merged, $this->allFiles());
        $this->replace($merged);
        // What comes back to the form is what it was merged to.
        request()->merge(array_diff_key($merged, [self::SEEN => true]));
    }

    protected function sayConflicts(Validator $validator): void
    {
        foreach ($this->conflicts as $field => $now) {
            $label = Lang::has("forms.fields.{$field}")
                ? Words::say("forms.fields.{$field}")
                : ucfirst(str_replace(['_', '.'], [' ', ', '], $field));
            $validator->errors()->add(
                $field,
                Words::say(
                    'forms.changed',
                    [
                        'label' => $label,
                        'now' => $now === ''
                            ? Words::say('forms.empty')
                            : '“' . str_replace("\n", ', ', mb_substr($now, 0, 200)) . '”',
                    ],
                ),
            );
        }
    }
}
