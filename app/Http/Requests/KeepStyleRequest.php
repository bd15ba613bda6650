<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Address\Standing;
use Illuminate\Foundation\Http\FormRequest;
use Runel\Expression\Limits;
use Runel\Message\Message;
use Runel\Message\TooLarge;
use Runel\Method\Catalogue;

/** A house style to be kept, and the place to go back to. */
final class KeepStyleRequest extends FormRequest
{
    private const PLACE = ['problem', 'job', 'method', 'step'];

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function standing(Standing $before, Catalogue $catalogue): Standing
    {
        return Standing::lenient($catalogue, $before->chosen($catalogue), $this->request->all());
    }

    /** The name it is kept under; empty for the style of this computer. */
    public function name(): string
    {
        $name = $this->request->all()['name'] ?? null;

        return \is_string($name) ? trim($name) : '';
    }

    /** The name of a kept style that is to be forgotten. */
    public function forgotten(): ?string
    {
        $name = $this->request->all()['forget'] ?? null;

        return \is_string($name) ? $name : null;
    }

    /** The name of which there are two styles, and one is to be chosen. */
    public function settled(): ?string
    {
        $name = $this->request->all()['settle'] ?? null;

        return \is_string($name) ? $name : null;
    }

    /** Which one: own, browser or both. */
    public function choice(): string
    {
        $choice = $this->request->all()['which'] ?? null;

        return \is_string($choice) ? $choice : '';
    }

    /**
     * @return array<string, string>
     *
     * @throws TooLarge when a part of it would fit no address
     */
    public function place(): array
    {
        $place = array_intersect_key($this->request->all(), array_flip(self::PLACE));
        foreach ($place as $value) {
            if (\is_string($value) && mb_strlen($value) > Limits::LENGTH) {
                throw new TooLarge(Message::of('error.too-long', ['limit' => Limits::LENGTH]), Limits::LENGTH + 1);
            }
        }

        return array_filter($place, static fn(mixed $value): bool => \is_string($value) && $value !== '');
    }
}
