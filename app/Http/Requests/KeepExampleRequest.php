<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Runel\Demonstration\TaskReference;
use Runel\Expression\Limits;
use Runel\Style\HouseStyle;

/** A problem to be kept on the shelf. */
final class KeepExampleRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'problem' => ['required', 'string', 'max:' . Limits::LENGTH],
            'job' => ['nullable', 'string', 'max:40'],
            'method' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function reference(): TaskReference
    {
        return new TaskReference(
            $this->string('problem')->value(),
            $this->text('job'),
            $this->text('method'),
            HouseStyle::default(),
        );
    }

    public function note(): string
    {
        return $this->text('note') ?? '';
    }

    /** What was typed is kept: it goes back to the bench, which says what is wrong with it. */
    protected function getRedirectUrl(): string
    {
        $problem = $this->input('problem');

        return route('bench', [
            'problem' => \is_string($problem) ? mb_substr($problem, 0, 2 * Limits::LENGTH) : '',
        ], false);
    }

    private function text(string $key): ?string
    {
        $value = $this->input($key);

        return \is_string($value) && $value !== '' ? $value : null;
    }
}
