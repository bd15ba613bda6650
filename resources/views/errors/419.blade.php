<x-error message="{{ __('ui.error.419') }}">
    <x-typed-back :typed="\App\Http\Troubled::typed(request())" />
</x-error>
