<x-error message="{{ __('ui.error.403') }}" />
