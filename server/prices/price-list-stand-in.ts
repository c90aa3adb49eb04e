// A sample price list to try buying lists with: two invented suppliers, invented prices.

/** A table in the format of docs/formats/price-list.md. */
export const priceListStandIn = `supplier,item,name,metal,form,size,length,pack,from,price,currency,days
Breakwater Bullion,W-20-500,Sterling round wire 20 ga 500 mm,silver-925,round,20 ga,500 mm,1,1,3.70,GBP,3
Breakwater Bullion,W-20-1M,Sterling round wire 20 ga 1 m,silver-925,round,20 ga,1000 mm,1,1,6.60,GBP,3
Breakwater Bullion,W-20-1M,Sterling round wire 20 ga 1 m,silver-925,round,20 ga,1000 mm,1,5,6.25,GBP,3
Breakwater Bullion,W-18-500,Sterling round wire 18 ga 500 mm,silver-925,round,18 ga,500 mm,1,1,5.60,GBP,3
Breakwater Bullion,W-12-500,Sterling round wire 12 ga 500 mm,silver-925,round,12 ga,500 mm,1,1,19.80,GBP,3
Breakwater Bullion,W-50-300,Sterling round rod 5 mm 300 mm,silver-925,round,5 mm,300 mm,1,1,61.40,GBP,5
Breakwater Bullion,F-08-2M,Fine silver round wire 0.8 mm 2 m,silver-999,round,0.8 mm,2000 mm,1,1,12.10,GBP,3
Breakwater Bullion,S-09-A,Sterling sheet 0.9 mm 100 x 50,silver-925,sheet,0.9 mm,100 x 50 mm,1,1,49.20,GBP,3
Breakwater Bullion,S-09-B,Sterling sheet 0.9 mm 150 x 100,silver-925,sheet,0.9 mm,150 x 100 mm,1,1,142.00,GBP,3
Breakwater Bullion,S-18-A,Sterling sheet 18 ga 100 x 50,silver-925,sheet,18 ga,100 x 50 mm,1,1,56.00,GBP,3
Breakwater Bullion,S-11-A,Sterling sheet 1.1 mm 100 x 100,silver-925,sheet,1.1 mm,100 x 100 mm,1,1,119.50,GBP,3
Breakwater Bullion,S-08-A,Sterling sheet 0.8 mm 100 x 60,silver-925,sheet,0.8 mm,100 x 60 mm,1,1,52.80,GBP,3
Breakwater Bullion,B-6-12,Sterling strip 6 x 1.2 mm 500 mm,silver-925,strip,6 x 1.2 mm,500 mm,1,1,39.60,GBP,4
Breakwater Bullion,B-6-08,Sterling strip 6 x 0.8 mm 500 mm,silver-925,strip,6 x 0.8 mm,500 mm,1,1,26.90,GBP,4
Breakwater Bullion,T-30-05,Sterling tube 3 mm wall 0.5 300 mm,silver-925,tube,3 x 0.5 mm,300 mm,1,1,17.40,GBP,6
Breakwater Bullion,T-32-04,Sterling tube 3.2 mm wall 0.4 180 mm,silver-925,tube,3.2 x 0.4 mm,180 mm,1,1,9.60,GBP,6
Breakwater Bullion,G9-418,9k yellow strip 4 x 1.8 mm 100 mm,gold-9k-yellow,strip,4 x 1.8 mm,100 mm,1,1,236.00,GBP,8
Breakwater Bullion,G9-16,9k yellow sheet 1.6 mm 30 x 20,gold-9k-yellow,sheet,1.6 mm,30 x 20 mm,1,1,318.00,GBP,8
Breakwater Bullion,SO-E,"Silver solder, easy",,,,,5 g,1,7.80,GBP,3
Breakwater Bullion,SO-M,"Silver solder, medium",,,,,5 g,1,8.10,GBP,3
Breakwater Bullion,SO-M,"Silver solder, medium",,,,,5 g,4,7.60,GBP,3
Breakwater Bullion,SO-H,"Silver solder, hard",,,,,5 g,1,8.40,GBP,3
Breakwater Bullion,SO-9M,"9k gold solder, medium",,,,,0.5 g,1,24.50,GBP,8
Breakwater Bullion,SO-9H,"9k gold solder, hard",,,,,0.5 g,1,25.00,GBP,8
The Slipway Sundries,BR-2,Brass round rod 2 mm 1 m,brass-c260,round,2 mm,1000 mm,1,1,2.60,GBP,2
The Slipway Sundries,BR-2,Brass round rod 2 mm 1 m,brass-c260,round,2 mm,1000 mm,1,10,2.10,GBP,2
The Slipway Sundries,BR-32,Brass round rod 3.2 mm 1 m,brass-c260,round,3.2 mm,1000 mm,1,1,5.90,GBP,2
The Slipway Sundries,BR-4,Brass round rod 4 mm 500 mm,brass-c260,round,4 mm,500 mm,1,1,4.70,GBP,2
The Slipway Sundries,CU-1,Copper round wire 1 mm 5 m,copper-c110,round,1 mm,5000 mm,1,1,4.20,GBP,2
The Slipway Sundries,CU-3,Copper round wire 3 mm 1 m,copper-c110,round,3 mm,1000 mm,1,1,3.80,GBP,2
The Slipway Sundries,CS-07,Copper sheet 0.7 mm 200 x 100,copper-c110,sheet,0.7 mm,200 x 100 mm,1,1,5.60,GBP,2
The Slipway Sundries,ST-20,Mild steel sheet 20 ga 300 x 100,steel-low-carbon,sheet,20 ga,300 x 100 mm,1,1,4.10,GBP,2
The Slipway Sundries,PC-1,Pin and catch,,,,,10,1,7.90,GBP,4
The Slipway Sundries,PC-1,Pin and catch,,,,,10,3,6.80,GBP,4
The Slipway Sundries,SB-1,Swivel backs,,,,,2,1,6.80,GBP,12
The Slipway Sundries,SB-1,Swivel backs,,,,,2,10,5.95,GBP,12
The Slipway Sundries,CL-5,Pin with clutch,,,,,25,1,8.20,GBP,4
The Slipway Sundries,CL-5,Pin with clutch,,,,,25,4,6.90,GBP,4
The Slipway Sundries,SW-30,Saw blades 3/0,,,,,144,1,12.60,GBP,4
The Slipway Sundries,EM-400,Emery sheets 400,,,,,10,1,6.40,GBP,4
The Slipway Sundries,PK-1,Pickle salt,,,,,1000 g,1,9.20,GBP,4
`;
