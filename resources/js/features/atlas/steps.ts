const order = ['tough', 'intermediate_to_tough', 'intermediate', 'tender_to_intermediate', 'tender']

/** The classes of tenderness as steps to be drawn, 1 tough … 5 tender. */
export const tenderSteps = (tenderness: string): number => order.indexOf(tenderness) + 1
